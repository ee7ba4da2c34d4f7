import type { Week, WeekVisitRow } from '@zymostat/contract';
import { checkWeek, stillHere } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { usePlanWeekMutation, useWeekQuery } from './api.ts';

/** A week as it stands, judged, and how it is changed: each change is kept at once. */
export const useWeek = (monday: string) => {
  const { currentData: week, error } = useWeekQuery(monday);
  const [plan, { error: refused, isLoading: keeping }] = usePlanWeekMutation();
  const [before, setBefore] = useState<{ monday: string; visits: WeekVisitRow[] }[]>([]);
  const judged = useMemo(() => {
    if (!week) return undefined;
    const problem = stillHere(week);
    return { problem, checked: checkWeek(problem) };
  }, [week]);
  const put = (visits: readonly WeekVisitRow[]) =>
    plan({ id: monday, seen: week!.revision, body: { visits: [...visits] } }).unwrap();
  const own = before.filter((one) => one.monday === monday);
  return {
    week,
    judged,
    error: error ?? refused,
    keeping,
    save: async (visits: readonly WeekVisitRow[]) => {
      const stood = { monday, visits: week!.visits };
      await put(visits);
      setBefore((all) => [...all, stood]);
    },
    undo:
      own.length === 0
        ? undefined
        : async () => {
            const last = own.at(-1)!;
            await put(last.visits);
            setBefore((all) => all.filter((one) => one !== last));
          },
  };
};
export type WeekInHand = ReturnType<typeof useWeek>;

/** A week that is there, with what was judged of it. */
export interface Shown extends WeekInHand {
  week: Week;
  judged: NonNullable<WeekInHand['judged']>;
}

/** Names in a week: of people, of homes. */
export const namesIn = ({ people, homes }: Week) => {
  const who = new Map(people.map(({ id, name }) => [id, name]));
  const where = new Map(homes.map(({ id, name }) => [id, name]));
  return {
    person: (id: string): string => who.get(id) ?? '',
    home: (id: string): string => where.get(id) ?? '',
  };
};
