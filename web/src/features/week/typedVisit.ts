import type { WeekVisitRow } from '@zymostat/contract';
import { v7 } from 'uuid';
import { secondsOf, timeIn } from '../../ui/dayTimes.ts';

const HOUR = 3600;

/** What somebody types of a visit. */
export const visitTyped = ({ from, by, needs, ...visit }: WeekVisitRow) => ({
  ...visit,
  from: timeIn(from),
  by: timeIn(by),
  needs: needs.join(', '),
});
export type VisitTyped = ReturnType<typeof visitTyped>;

/** The visit that was typed; nothing while a part of it cannot be read. */
export const visitIn = ({ from, by, needs, ...visit }: VisitTyped): WeekVisitRow | undefined => {
  const [begins, ends] = [secondsOf(from), secondsOf(by)];
  if (begins === undefined || ends === undefined || ends < begins) return undefined;
  const skills = needs.split(',').map((one) => one.trim());
  return { ...visit, from: begins, by: ends, needs: skills.filter((one) => one !== '') };
};

/** A visit of a day as it is begun: in the morning, by one, of nobody's yet. */
export const newVisitOn = (day: number, homeId: string, at: number): WeekVisitRow => ({
  id: v7(),
  homeId,
  day,
  from: 8 * HOUR,
  by: 12 * HOUR,
  people: 1,
  needs: [],
  crew: [],
  at,
  held: false,
});
