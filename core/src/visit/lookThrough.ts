import { coatsOf } from './blocks.ts';
import { FOREVER, type Ops } from './ops.ts';
import { opsFor } from './opsFor.ts';
import { asSteps } from './planSteps.ts';
import { prove, type Effort } from './prove.ts';
import { holdOf, type PlanStep, type VisitProblem } from './problem.ts';
import { anyOf, parted, type Rewets } from './rewets.ts';

/** A plan that was come upon while looking through all sequences. */
export interface Come {
  steps: PlanStep[];
  done: number;
}

/** Whether the last coat of a hold does not last as long as it must, so that another is needed. */
const driesEarly = (ops: Ops, t: number, start: Int32Array): boolean => {
  const { wet, rewetEvery = 0 } = holdOf(ops.problem.treatments[t]!)!;
  const over = coatsOf(ops, t).map((j) => start[j]! + ops.work[j]!);
  return over.at(-1)! + rewetEvery < over[0]! + wet;
};

/**
 * All sequences with any numbers of re-wets, looked through for plans that are done before a time.
 * At first each hold gets its fewest re-wets or more; where a plan of these would let one dry, just
 * so many of it and more of it are looked through one after the other. What is refuted for "or more"
 * needs no looking through number by number.
 */
export const lookThrough = (problem: VisitProblem) => {
  const left: Rewets[][] = [anyOf(problem)];
  /** The next plan done by a time, if there is any; the times asked for only become sooner. */
  return (done: number, effort: Effort): Come | 'none' | 'open' => {
    for (let rewets = left.at(-1); rewets; rewets = left.at(-1)) {
      const ops = opsFor(problem, rewets);
      const proof = prove(ops, done, effort);
      if (proof.is === 'open') return 'open';
      if (proof.is === 'refuted') {
        left.pop();
        continue;
      }
      const early = rewets.flatMap(({ orMore }, t) =>
        orMore && driesEarly(ops, t, proof.start) ? [t] : [],
      );
      if (early.length > 0) left.splice(-1, 1, ...parted(problem, rewets, early));
      else {
        const over = proof.start.map((t, j) => t + ops.over[j]!);
        return { steps: asSteps(ops, proof.start, proof.who), done: Math.max(0, ...over) };
      }
    }
    return 'none';
  };
};

/** Whether there is any plan: proven either way, or open. */
export const anyPlan = (problem: VisitProblem, effort: Effort): 'yes' | 'no' | 'open' => {
  const plan = lookThrough(problem)(FOREVER, effort);
  if (plan === 'open') return 'open';
  return plan === 'none' ? 'no' : 'yes';
};
