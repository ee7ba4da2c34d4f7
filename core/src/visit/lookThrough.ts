import { countsOf } from './feasible.ts';
import { opsFor } from './opsFor.ts';
import { asSteps } from './planSteps.ts';
import { prove, type Effort } from './prove.ts';
import type { PlanStep, VisitProblem } from './problem.ts';

/** The best plan that all sequences hold, if any is done before a time, and whether all were seen. */
export interface LookedThrough {
  better: { steps: PlanStep[]; done: number } | undefined;
  complete: boolean;
}

/** Looks through all sequences for every number of re-wets, for a plan that is done before `than`. */
export const lookThrough = (problem: VisitProblem, than: number, effort: Effort): LookedThrough => {
  const counts = countsOf(problem);
  let better: LookedThrough['better'];
  let complete = counts !== undefined;
  for (const count of counts ?? []) {
    const ops = opsFor(problem, count);
    for (;;) {
      const proof = prove(ops, (better?.done ?? than) - 1, effort);
      if (proof.is === 'open') complete = false;
      if (proof.is !== 'found') break;
      const done = proof.start.reduce((latest, t, j) => Math.max(latest, t + ops.over[j]!), 0);
      better = { steps: asSteps(ops, proof.start, proof.who), done };
    }
  }
  return { better, complete };
};
