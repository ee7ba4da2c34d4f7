import { holdOf, type VisitProblem, type VisitRule, type VisitTreatment } from './problem.ts';

/** The same visit with these treatments only. */
export const withOnly = (problem: VisitProblem, ids: ReadonlySet<string>): VisitProblem => ({
  ...problem,
  treatments: problem.treatments.filter(({ id }) => ids.has(id)),
  before: problem.before.filter(([a, b]) => ids.has(a) && ids.has(b)),
  apart: problem.apart.filter(({ a, b }) => ids.has(a) && ids.has(b)),
  closes: problem.closes.filter((id) => ids.has(id)),
});

const withSteps = (
  problem: VisitProblem,
  change: (treatment: VisitTreatment) => VisitTreatment['steps'],
): VisitProblem => ({
  ...problem,
  treatments: problem.treatments.map((one) => ({ ...one, steps: change(one) })),
});

/** The same visit without what one rule asks beyond the rest; nothing where it asks nothing. */
export const without = (problem: VisitProblem, rule: VisitRule): VisitProblem | undefined => {
  if (rule === 8 && problem.closes.length > 0) return { ...problem, closes: [] };
  if (rule === 7 && problem.apart.length > 0) return { ...problem, apart: [] };
  if (rule === 6 && problem.before.length > 0) return { ...problem, before: [] };
  if (
    rule === 5 &&
    problem.treatments.some(({ steps }) =>
      steps.some((s) => 'within' in s && s.within !== undefined),
    )
  )
    return withSteps(problem, ({ steps }) =>
      steps.map((s) => ('within' in s ? { ...s, within: undefined } : s)),
    );
  if (rule === 4 && problem.treatments.some((one) => holdOf(one)?.rewetEvery !== undefined))
    return withSteps(problem, ({ steps }) =>
      steps.map((s) => (s.kind === 'hold' ? { kind: s.kind, wet: s.wet } : s)),
    );
  if (rule === 2)
    return {
      ...problem,
      rooms: problem.rooms.map((room) => ({
        ...room,
        walk: Object.fromEntries(Object.keys(room.walk).map((other) => [other, 0])),
      })),
    };
  return undefined;
};
