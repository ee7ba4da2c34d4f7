import type { PlanStep } from './problem.ts';

const keyOf = ({ treatment, step, kind, cleaner, start, end }: PlanStep): string =>
  JSON.stringify([start, end, treatment, step, kind, cleaner]);

/** Whether two plans have the same steps, in whatever order these and their fields stand. */
export const sameSteps = (a: readonly PlanStep[], b: readonly PlanStep[]): boolean => {
  const own = new Set(a.map(keyOf));
  return a.length === b.length && b.every((step) => own.has(keyOf(step)));
};
