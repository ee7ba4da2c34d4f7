import { checkWeek, forbids, type CheckedWeek } from './checkWeek.ts';
import type { WeekProblem } from './week.ts';

/** What a week costs when ways of working it are compared, in s that are paid. House rule. */
export const weights = {
  /** Each thing that nobody may do. */
  forbidden: 200_000,
  /** Each thing that is late or long, and each s of it. */
  misfit: 2000,
  second: 10,
  /** A home where nobody of those who go has been: a familiar face is worth this. */
  strange: 600,
} as const;

/** Visits to homes that nobody who goes there knows. */
export const strangeVisits = ({ visits, homes }: WeekProblem): number =>
  visits.filter(({ homeId, crew }) => {
    const { knownTo } = homes.find(({ id }) => id === homeId)!;
    return crew.length > 0 && !crew.some((who) => knownTo.includes(who));
  }).length;

/** Paid time of everybody, s. */
export const paidInAll = ({ paid }: CheckedWeek): number =>
  [...paid.values()].reduce((sum, one) => sum + one, 0);

/** One figure that is to be low, s. */
export const weekCost = (problem: WeekProblem): number => {
  const checked = checkWeek(problem);
  const misfits = checked.misfits.reduce((sum, one) => {
    if (one.code === 'road-unknown') return sum;
    if (forbids(one)) return sum + weights.forbidden * ('missing' in one ? one.missing : 1);
    return sum + weights.misfit + weights.second * ('by' in one ? one.by : 0);
  }, 0);
  return paidInAll(checked) + misfits + weights.strange * strangeVisits(problem);
};
