import { planner } from '../../src/index.ts';
import { drawVisit } from './drawVisit.ts';
import { bestByMip } from './mip.ts';

/* Small visits: what the planner proves is what HiGHS, a general-purpose solver, finds. */

const shapes = [
  { surfaces: 2, cleaners: 1, rooms: 2, rewets: 0.9, closes: 0 },
  { surfaces: 3, cleaners: 1, rooms: 1, rewets: 0.3, closes: 0.5 },
  { surfaces: 3, cleaners: 2, rooms: 2, rewets: 0.2, closes: 0.3 },
  { surfaces: 4, cleaners: 1, rooms: 2, rewets: 0, closes: 0.3 },
  { surfaces: 3, cleaners: 3, rooms: 2, rewets: 0, apart: 0.5, closes: 0 },
  { surfaces: 3, cleaners: 1, rooms: 1, rewets: 0.3, apart: 0.8, closes: 0 },
  { surfaces: 3, cleaners: 2, rooms: 1, rewets: 0.2, apart: 0.5, closes: 0.3, atOnce: 1 },
] as const;

describe.each(shapes)('$surfaces surfaces, $cleaners at work, $rooms rooms', (shape) => {
  test.each([1, 2])('visit %i', async (seed) => {
    const problem = drawVisit(seed * 31, { ...shape });
    const planning = planner(problem, { seed: 1 });
    const from = performance.now();
    planning.run({ iterations: 400_000, goOn: () => performance.now() - from < 5000 });
    const best = await bestByMip(problem);
    expect(planning.plan()).toMatchObject({ outcome: 'plan', done: best, proof: 'optimal' });
  });
});
