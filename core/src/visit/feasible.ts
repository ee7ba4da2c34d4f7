import { seeded } from '../units/random.ts';
import { refuter } from './bound.ts';
import { anyPlan } from './lookThrough.ts';
import { search } from './search.ts';
import { FOREVER } from './ops.ts';
import { opsFor } from './opsFor.ts';
import type { Effort } from './prove.ts';
import type { VisitProblem } from './problem.ts';
import { anyOf } from './rewets.ts';

/** Iterations of a search that only asks whether there is a plan. */
const TRIES = 3000;

/** Whether there is a plan at all: proven either way, or open. */
export const feasible = (problem: VisitProblem, effort: Effort): 'yes' | 'no' | 'open' => {
  if (refuter(opsFor(problem, anyOf(problem)))(FOREVER)) return 'no';
  const quick = search(opsFor(problem), { next: seeded(1) });
  for (let k = 0; k < TRIES / 100 && quick.best().broken > 0; k += 1) quick.run(100);
  if (quick.best().broken === 0) return 'yes';
  return anyPlan(problem, effort);
};
