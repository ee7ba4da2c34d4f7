import type { Ops } from './ops.ts';
import { isHold, type PlanStep } from './problem.ts';

/** The steps of a plan, by their start, out of starts and cleaners by operation. */
export const asSteps = (ops: Ops, start: Int32Array, who: Int8Array): PlanStep[] =>
  ops.list
    .map(({ treatment, step, work }, j): PlanStep => {
      const { id, steps } = ops.problem.treatments[treatment]!;
      const own = steps[step]!;
      return {
        treatment: id,
        step,
        kind: isHold(own) ? 'rewet' : own.kind,
        cleaner: ops.problem.cleaners[who[j]!]!.id,
        start: start[j]!,
        end: start[j]! + work,
      };
    })
    .sort((a, b) => a.start - b.start || a.end - b.end);

/** Which operations these steps are: their starts and cleaners, -1 where there is none. */
export const startsOf = (ops: Ops, steps: readonly PlanStep[]) => {
  const start = new Int32Array(ops.n).fill(-1);
  const who = new Int8Array(ops.n);
  const cleaner = new Map(ops.problem.cleaners.map(({ id }, c) => [id, c]));
  const left = [...steps].sort((a, b) => a.start - b.start);
  ops.list.forEach(({ treatment, step }, j) => {
    const { id } = ops.problem.treatments[treatment]!;
    const k = left.findIndex((one) => one.treatment === id && one.step === step);
    if (k < 0) return;
    const [own] = left.splice(k, 1) as [PlanStep];
    start[j] = own.start;
    who[j] = cleaner.get(own.cleaner) ?? 0;
  });
  return { start, who };
};
