import { staffed } from '../visit/whatIf.ts';
import { visitProblem, type VisitAsk } from '../visit/visitProblem.ts';
import { MOST_CREW } from './weekArrays.ts';

/** A day's work, s: as long as a visit lasts of which no plan is known. */
const DAY = 28_800;
/** A short search: a week wants to know how long, not who does what. */
const ITERATIONS = 120;

/**
 * How long a visit by a protocol lasts with one, two, ... people, s: planned quickly, so that the
 * visit's own plan is no longer. With more people it never counts as longer.
 */
export const lastsOf = (known: Omit<VisitAsk, 'team' | 'hours'>): number[] => {
  const team = [{ id: 'first', from: 0, to: DAY }];
  const problem = visitProblem({ ...known, team, hours: {} });
  const lasts: number[] = [];
  for (let people = 1; people <= MOST_CREW; people += 1) {
    const { done = DAY } = staffed(problem, people, ITERATIONS);
    lasts.push(Math.min(done, lasts.at(-1) ?? DAY));
  }
  return lasts;
};
