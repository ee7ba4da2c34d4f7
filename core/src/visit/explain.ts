import { feasible } from './feasible.ts';
import type { NoFit, VisitProblem, VisitRule } from './problem.ts';
import type { Effort } from './prove.ts';
import { without, withOnly } from './subproblem.ts';

/** The rule named first is the one that people can change most easily. */
const asked: readonly VisitRule[] = [8, 7, 6, 5, 4, 2];

/**
 * Which treatments cannot be done together, and by which rule, where it is known that not all can.
 * By deletion: a treatment is left out for good while the rest still cannot be done; what remains
 * can be done without any one of them. Nothing where that could not be decided.
 */
export const explain = (problem: VisitProblem, effort: Effort): NoFit[] | undefined => {
  const can = (one: VisitProblem) => feasible(one, effort);
  const alone = problem.treatments.find(({ id }) => can(withOnly(problem, new Set([id]))) === 'no');
  let left = alone ? [alone.id] : problem.treatments.map(({ id }) => id);
  let chunk = Math.ceil(left.length / 2);
  while (left.length > 1) {
    let dropped = false;
    for (let k = 0; k < left.length;) {
      const rest = [...left.slice(0, k), ...left.slice(k + chunk)];
      const answer = rest.length === 0 ? 'yes' : can(withOnly(problem, new Set(rest)));
      if (answer === 'no') {
        left = rest;
        dropped = true;
      } else if (answer === 'open' && chunk === 1) return undefined;
      else k += chunk;
    }
    if (chunk === 1 && !dropped) break;
    chunk = Math.max(1, Math.floor(chunk / 2));
    if (chunk === 1 && left.length === 1) break;
  }
  const core = withOnly(problem, new Set(left));
  const rule = asked.find((one) => {
    const freed = without(core, one);
    return freed !== undefined && can(freed) === 'yes';
  });
  return [{ rule: rule ?? 1, treatments: left }];
};
