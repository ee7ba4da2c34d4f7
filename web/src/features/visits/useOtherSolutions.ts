import type { HomeDetail } from '@zymostat/contract';
import type { CompanyRule } from '@zymostat/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import type { PlannerWorker, WayPlanned } from '../../workers/planner.worker.ts';
import { useStockQuery } from '../stock/api.ts';
import { startPlanner } from './usePlanner.ts';
import type { Visit } from './useVisit.ts';

/** What a visit would take and cost with each other solution that holds by itself. */
export const useOtherSolutions = (home: HomeDetail, { key, setting, took }: Visit) => {
  const { data: stocks } = useStockQuery();
  const { data: me } = useMeQuery();
  const aside = useRef<Worker>(null);
  const [ways, setWays] = useState<{ key: string; rows: WayPlanned[] }>();
  useEffect(() => () => aside.current?.terminate(), []);
  const tryThem = () => {
    if (!stocks || !me || !setting || setting.team.length === 0) return;
    aside.current?.terminate();
    aside.current = startPlanner();
    const { houseRules: rules, ownRules } = me.company;
    const by = { rules, now: Date.now(), own: ownRules as CompanyRule[] };
    const { team, rooms } = setting;
    const asked = { home, stocks, by, setting: { ...rooms, team, took } };
    const tell = (rows: WayPlanned[]) => setWays({ key, rows });
    void wrap<PlannerWorker>(aside.current).withSolutions(asked, proxy(tell));
  };
  return {
    ways: ways?.key === key ? ways.rows : undefined,
    currency: me?.company.currency,
    tryThem,
  };
};
