import { seeded } from '../units/random.ts';
import { changer } from './changeWeek.ts';
import { MOST_CREW, weekArrays } from './weekArrays.ts';
import { copyOf, greedy, ordersOf, sums, type Week } from './weekInHand.ts';
import { DAYS, type WeekProblem, type WeekVisit } from './week.ts';

/** Warmest and coldest of a cycle of annealing, s; its length at first, and how it grows. */
const WARM = 5000;
const COLD = 8;
const CYCLE = 4000;
const LONGER = 1.4;
const LONGEST_CYCLE = 250_000;

/**
 * A search for who goes where in a week: fewest paid s within hours, skills and the signed book, a
 * familiar face where that costs little (`weekCost`). The same seed and iterations, the same week.
 * Visits whose people were set by hand keep them.
 */
export const assigner = (problem: WeekProblem, seed: number) => {
  const arrays = weekArrays(problem);
  const { crew, people, visits } = arrays;
  const summing = sums(arrays);
  const { ofDay, ofWeek } = summing;
  const change = changer(arrays);
  const next = seeded(seed);
  let own: Week = {
    crew: crew.slice(),
    order: ordersOf(arrays, problem.visits),
    costs: new Float64Array(DAYS),
    paid: new Int32Array(DAYS * people),
  };
  greedy(arrays, own, summing);
  let cost = ofWeek(own);
  let best = copyOf(own);
  let least = cost;
  let [cycle, at] = [CYCLE, 0];
  const spare = { crew: own.crew.slice(), paid: new Int32Array(people) };

  const tryOne = (temperature: number) => {
    spare.crew.set(own.crew);
    const before = own.order;
    own.order = before.map((one) => one.slice());
    const day = change(own, next);
    if (day < 0) {
      own.order = before;
      return;
    }
    const costBefore = own.costs[day]!;
    spare.paid.set(own.paid.subarray(day * people, (day + 1) * people));
    ofDay(own, day);
    const after = ofWeek(own);
    if (after <= cost || next() < Math.exp((cost - after) / temperature)) {
      cost = after;
      if (cost < least) [best, least] = [copyOf(own), cost];
      return;
    }
    own.crew.set(spare.crew);
    own.order = before;
    own.costs[day] = costBefore;
    own.paid.set(spare.paid, day * people);
  };

  return {
    run: (iterations: number, goOn: () => boolean = () => true): void => {
      if (visits === 0 || people === 0) return;
      for (let i = 0; i < iterations && (i % 200 !== 0 || goOn()); i += 1) {
        tryOne(WARM * (COLD / WARM) ** (at / cycle));
        at += 1;
        if (at < cycle) continue;
        [cycle, at] = [Math.min(LONGEST_CYCLE, cycle * LONGER), 0];
        own = copyOf(best);
        cost = least;
      }
    },
    /** The best week so far. */
    best: (): WeekVisit[] => {
      const turn = new Int32Array(visits);
      for (const order of best.order) for (const [k, v] of order.entries()) turn[v] = k;
      return problem.visits.map((visit, v) => ({
        ...visit,
        at: turn[v]!,
        crew: [...best.crew.subarray(v * MOST_CREW, (v + 1) * MOST_CREW)]
          .filter((p) => p >= 0)
          .map((p) => problem.people[p]!.id),
      }));
    },
  };
};
