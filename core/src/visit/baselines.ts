import { dispatcher } from './dispatch.ts';
import { layOut } from './layOut.ts';
import { opsFor } from './opsFor.ts';
import { waitInPlace } from './orders.ts';
import type { VisitProblem } from './problem.ts';
import { simpleOverlap } from './rules.ts';

/**
 * When the home could be handed over without a planner, s: room by room, everybody waiting by what
 * is wet; and by the simple overlap rule, whoever is free taking what can begin soonest in the order
 * of the list. Nothing where that breaks a rule.
 */
export const baselines = (
  problem: VisitProblem,
): { inPlace: number | undefined; simple: number | undefined } => {
  const ops = opsFor(problem);
  if (ops.sorted.length < ops.n || ops.cleaners === 0)
    return { inPlace: undefined, simple: undefined };
  const { lay } = layOut(ops);
  const doneOf = ({ order, who }: ReturnType<typeof waitInPlace>) => {
    const laid = lay(order, who);
    return laid.broken > 0 ? undefined : laid.done;
  };
  return { inPlace: doneOf(waitInPlace(ops)), simple: doneOf(dispatcher(ops)(simpleOverlap)) };
};
