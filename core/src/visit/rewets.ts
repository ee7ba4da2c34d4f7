import { holdOf, type HoldStep, type VisitProblem } from './problem.ts';

/** Fewest re-wets that keep a hold wet: each coat lasts `rewetEvery`, each re-wet its work more. */
export const fewestRewets = ({ wet, rewetEvery, rewetWork }: HoldStep): number =>
  rewetEvery === undefined || rewetWork === undefined || rewetEvery >= wet
    ? 0
    : Math.ceil((wet - rewetEvery) / (rewetEvery + rewetWork));

/**
 * Most re-wets of a hold of which none could be left out: every second one begins more than
 * `rewetEvery` after the end of the one before the last.
 */
export const mostRewets = (hold: HoldStep): number => {
  const { wet, rewetEvery, rewetWork } = hold;
  if (fewestRewets(hold) === 0) return 0;
  const turn = rewetEvery! + 1 + rewetWork!;
  const even = 2 * Math.floor((wet - rewetEvery! - 1) / turn) + 1;
  const odd = 2 * Math.floor((wet - rewetEvery! - 1 - rewetWork!) / turn) + 2;
  return Math.max(fewestRewets(hold), Math.min(Math.max(even, odd), Math.floor(wet / rewetWork!)));
};

/** The fewest re-wets of each treatment. */
export const fewestOf = (problem: VisitProblem): number[] =>
  problem.treatments.map((treatment) => {
    const hold = holdOf(treatment);
    return hold ? fewestRewets(hold) : 0;
  });
