import { holdOf, type HoldStep, type VisitProblem, type VisitTreatment } from './problem.ts';

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

/** How many re-wets a treatment gets; with `orMore`, only what also holds if there are more. */
export interface Rewets {
  count: number;
  orMore: boolean;
}

/** The fewest re-wets of each treatment. */
export const fewestOf = (problem: VisitProblem): Rewets[] =>
  problem.treatments.map((treatment) => {
    const hold = holdOf(treatment);
    return { count: hold ? fewestRewets(hold) : 0, orMore: false };
  });

const mostOf = (treatment: VisitTreatment): number => {
  const hold = holdOf(treatment);
  return hold ? mostRewets(hold) : 0;
};

const notMore = (problem: VisitProblem, t: number, count: number): Rewets => ({
  count,
  orMore: count < mostOf(problem.treatments[t]!),
});

/** As many re-wets of each treatment as any plan may need: for bounds. */
export const anyOf = (problem: VisitProblem): Rewets[] =>
  fewestOf(problem).map(({ count }, t) => notMore(problem, t, count));

/**
 * Just so many re-wets of one of these treatments, and more of it: between them all there are. It is
 * the one that may have the fewest more, so that little is left to part after it.
 */
export const parted = (
  problem: VisitProblem,
  rewets: readonly Rewets[],
  treatments: readonly number[],
): Rewets[][] => {
  const more = (t: number) => mostOf(problem.treatments[t]!) - rewets[t]!.count;
  const t = treatments.reduce((a, b) => (more(b) < more(a) ? b : a));
  const { count } = rewets[t]!;
  return [notMore(problem, t, count + 1), { count, orMore: false }].map((own) =>
    rewets.map((one, k) => (k === t ? own : one)),
  );
};
