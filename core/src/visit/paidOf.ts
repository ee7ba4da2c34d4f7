import type { PlanStep } from './problem.ts';

/** Paid time of a plan: over cleaners, last end less first start, s. */
export const paidOf = (steps: readonly PlanStep[]): number => {
  const spans = new Map<string, [number, number]>();
  for (const { cleaner, start, end } of steps) {
    const [from, to] = spans.get(cleaner) ?? [start, end];
    spans.set(cleaner, [Math.min(from, start), Math.max(to, end)]);
  }
  return [...spans.values()].reduce((sum, [from, to]) => sum + to - from, 0);
};
