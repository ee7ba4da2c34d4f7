import { seeded } from '../units/random.ts';
import { refuter } from './bound.ts';
import { search } from './search.ts';
import { FOREVER } from './ops.ts';
import { opsFor } from './opsFor.ts';
import { fewestOf, mostRewets } from './rewets.ts';
import { prove, type Effort } from './prove.ts';
import { holdOf, type VisitProblem } from './problem.ts';

/** How many numbers of re-wets are looked through one by one at most. */
const MOST_COUNTS = 64;

/**
 * Every number of re-wets that a plan may need, by treatment, the fewest first; nothing where they
 * are too many to look through.
 */
export const countsOf = (problem: VisitProblem): number[][] | undefined => {
  let counts: number[][] = [[]];
  const fewest = fewestOf(problem);
  problem.treatments.forEach((treatment, t) => {
    const hold = holdOf(treatment);
    const most = hold ? mostRewets(hold) : 0;
    const own = Array.from({ length: most - fewest[t]! + 1 }, (_, k) => fewest[t]! + k);
    if (counts.length * own.length <= MOST_COUNTS)
      counts = counts.flatMap((one) => own.map((k) => [...one, k]));
    else counts = [];
  });
  if (counts.length === 0) return undefined;
  const sum = (one: number[]) => one.reduce((a, b) => a + b, 0);
  return counts.sort((a, b) => sum(a) - sum(b));
};

/** Iterations of a search that only asks whether there is a plan. */
const TRIES = 3000;

/** Whether there is a plan at all: proven either way, or open. */
export const feasible = (problem: VisitProblem, effort: Effort): 'yes' | 'no' | 'open' => {
  if (refuter(opsFor(problem, fewestOf(problem), true))(FOREVER)) return 'no';
  const quick = search(opsFor(problem), { next: seeded(1) });
  for (let k = 0; k < TRIES / 100 && quick.best().broken > 0; k += 1) quick.run(100);
  if (quick.best().broken === 0) return 'yes';
  const counts = countsOf(problem);
  if (!counts) return 'open';
  let open = false;
  for (const count of counts) {
    const proof = prove(opsFor(problem, count), FOREVER, effort);
    if (proof.is === 'found') return 'yes';
    if (proof.is === 'open') open = true;
  }
  return open ? 'open' : 'no';
};
