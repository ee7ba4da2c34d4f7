import type { HomeDetail } from '@zymostat/contract';
import { visitProblem, type VisitProblem } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { useRoundAheadQuery, useVisitOfQuery } from '../rounds/api.ts';
import { useVisitTeamQuery } from './api.ts';
import { hoursOf, type Hours } from './roomHours.ts';

/** The longest that a visit may take, s. */
const DAY = 28_800;
const HALF_HOUR = 1_800_000;
/** From one room to the next, s, where nobody has said. Source: common practice, no source. */
const USUAL_WALK = 20;

/** What a visit is planned from: the approved protocol, who goes, from when, how far it is. */
export const useVisit = (home: HomeDetail) => {
  const { data: ahead, error } = useRoundAheadQuery(home.id, { skip: home.versions.length === 0 });
  const { data: team } = useVisitTeamQuery();
  const { data: given } = useVisitOfQuery(home.id);
  const [chosen, setChosen] = useState<string[]>();
  const [walk, setWalk] = useState(USUAL_WALK);
  const [hours, setHours] = useState<Hours>({});
  const [startsAt, setStartsAt] = useState(() => Math.ceil(Date.now() / HALF_HOUR) * HALF_HOUR);
  const who = chosen ?? given?.people.map(({ id }) => id) ?? team?.slice(0, 2).map(({ id }) => id);
  const open = hoursOf(hours);
  const openKey = open && JSON.stringify(open);
  const key = [ahead?.version.id, who?.join(), walk, openKey].join('|');
  const goes = who?.join();
  const setting = useMemo(
    () => ({
      team: (goes ?? '')
        .split(',')
        .filter(Boolean)
        .map((id) => ({ id, from: 0, to: DAY })),
      walk,
      hours: JSON.parse(openKey ?? '{}') as Record<string, [number, number][]>,
    }),
    [goes, walk, openKey],
  );
  const problem = useMemo((): VisitProblem | undefined => {
    if (!ahead || !team || given === undefined || setting.team.length === 0) return undefined;
    // Hours that cannot be read are not taken to be none.
    if (openKey === undefined) return undefined;
    const { rooms } = ahead.version.protocol;
    return visitProblem({ rooms, holds: ahead.holds, ...setting });
  }, [ahead, team, given, setting, openKey]);
  const names = new Map(team?.map(({ id, name }) => [id, name]));
  return {
    error,
    version: ahead?.version,
    team: team ?? [],
    given: given ?? undefined,
    who: who ?? [],
    setWho: setChosen,
    walk,
    setWalk,
    hours,
    hoursRead: openKey !== undefined,
    setHours,
    startsAt,
    setStartsAt,
    setting,
    problem,
    key,
    nameOf: (id: string): string => names.get(id) ?? id,
  };
};
export type Visit = ReturnType<typeof useVisit>;
