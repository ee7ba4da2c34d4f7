import { lowestNotRefuted, refuter } from './bound.ts';
import { opsFor } from './opsFor.ts';
import type { VisitProblem } from './problem.ts';
import { anyOf } from './rewets.ts';

/** Before which no plan is done, s, where one that is done by a time is known. */
export const boundOf = (problem: VisitProblem, done: number): number =>
  done === 0 ? 0 : lowestNotRefuted(refuter(opsFor(problem, anyOf(problem))), [0, done]);
