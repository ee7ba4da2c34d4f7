import { checkPlan } from './checkPlan.ts';
import type { PlanStep, VisitProblem } from './problem.ts';

/** Where a step is wanted: by whom, and from when, s. */
export interface StepPlace {
  cleaner: string;
  start: number;
}

/** The same plan with one step elsewhere. */
export const moveStep = (steps: readonly PlanStep[], at: number, to: StepPlace): PlanStep[] =>
  steps.map((step, k) =>
    k === at ? { ...step, ...to, end: to.start + step.end - step.start } : step,
  );

/** Starts at which something that binds the step begins or ends. */
const candidates = (problem: VisitProblem, steps: readonly PlanStep[], at: number): number[] => {
  const own = steps[at]!;
  const length = own.end - own.start;
  const walks = new Set([0, ...problem.rooms.flatMap(({ walk }) => Object.values(walk))]);
  const wets = problem.treatments.flatMap(({ steps: all }) =>
    all.flatMap((step) =>
      step.kind === 'hold' ? [step.wet, ...(step.rewetEvery ? [step.rewetEvery] : [])] : [],
    ),
  );
  const edges = steps.flatMap((step, k) => {
    if (k === at) return [];
    const after = [...walks, ...(step.kind === 'apply' ? new Set(wets) : [])];
    return [
      ...after.map((lag) => step.end + lag),
      ...[...walks].map((lag) => step.start - lag - length),
    ];
  });
  const opens = problem.rooms.flatMap(({ open }) =>
    open.flatMap(([from, to]) => [from, to - length]),
  );
  return [...new Set([own.start, ...edges, ...opens])].filter((start) => start >= 0);
};

/**
 * The valid place of a step that is nearest to where it is wanted while all others stay: rather with
 * the one it is wanted with, then with others. Nothing where there is none.
 */
export const nearestPlace = (
  problem: VisitProblem,
  steps: readonly PlanStep[],
  at: number,
  wanted: StepPlace,
): StepPlace | undefined => {
  const starts = [wanted.start, ...candidates(problem, steps, at)].sort(
    (a, b) => Math.abs(a - wanted.start) - Math.abs(b - wanted.start) || a - b,
  );
  const others = problem.cleaners.map(({ id }) => id).filter((id) => id !== wanted.cleaner);
  for (const cleaner of [wanted.cleaner, ...others])
    for (const start of starts)
      if (checkPlan(problem, moveStep(steps, at, { cleaner, start })).length === 0)
        return { cleaner, start };
  return undefined;
};
