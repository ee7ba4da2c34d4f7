import { assigner, checkWeek, forbids, weekCost, type WeekProblem } from '../../src/index.ts';
import { drawWeek } from './drawWeek.ts';

const assigned = (problem: WeekProblem, iterations: number, seed = 1): WeekProblem => {
  const search = assigner(problem, seed);
  search.run(iterations);
  return { ...problem, visits: search.best() };
};

/** Every order of a list. */
const orders = <T>(list: readonly T[]): T[][] =>
  list.length < 2
    ? [[...list]]
    : list.flatMap((one, k) => orders(list.toSpliced(k, 1)).map((rest) => [one, ...rest]));

const crewsOf = (people: readonly string[], size: number): string[][] =>
  size === 0
    ? [[]]
    : people.flatMap((one, k) =>
        crewsOf(people.slice(k + 1), size - 1).map((rest) => [one, ...rest]),
      );

/** The least that any way of working it costs, by trying all. */
const leastOfAll = (problem: WeekProblem): number => {
  const people = problem.people.map(({ id }) => id);
  let least = Infinity;
  const tryCrews = (k: number, chosen: string[][]) => {
    if (k === problem.visits.length) {
      for (const order of orders(problem.visits.map((_, v) => v))) {
        const visits = problem.visits.map((one, v) => ({
          ...one,
          crew: chosen[v]!,
          at: order.indexOf(v),
        }));
        least = Math.min(least, weekCost({ ...problem, visits }));
      }
      return;
    }
    for (const crew of crewsOf(people, problem.visits[k]!.people))
      tryCrews(k + 1, [...chosen, crew]);
  };
  tryCrews(0, []);
  return least;
};

test('25 small days: as good as the best of all ways', () => {
  for (let seed = 0; seed < 25; seed += 1) {
    const drawn = drawWeek(seed, { people: 3, homes: 3, visits: 4, days: 1 });
    const problem = { ...drawn, visits: drawn.visits.slice(0, 3 + (seed % 2)) };
    expect(weekCost(assigned(problem, 6000))).toBe(leastOfAll(problem));
  }
});

test('40 weeks: everybody in one place at a time, each visit with its people, no more than asked', () => {
  for (let seed = 100; seed < 140; seed += 1) {
    const problem = drawWeek(seed, { people: 4, homes: 6, visits: 12 });
    const done = assigned(problem, 1500);
    for (const { crew, people } of done.visits) {
      expect(crew).toHaveLength(people);
      expect(new Set(crew).size).toBe(people);
    }
    for (const { routes } of checkWeek(done).days)
      for (const { stops } of routes)
        for (const [k, { start }] of stops.entries())
          expect(start).toBeGreaterThanOrEqual(stops[k - 1]?.end ?? 0);
  }
});

test('more searching is never worse, and the same seed gives the same week', () => {
  const problem = drawWeek(7, { people: 6, homes: 12, visits: 30 });
  const costs = [0, 500, 5000, 20_000].map((n) => weekCost(assigned(problem, n)));
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
  expect(costs.at(-1)!).toBeLessThan(costs[0]!);
  expect(assigned(problem, 2000)).toEqual(assigned(problem, 2000));
});

test('in one go or bit by bit: the same week; told to stop it stops', () => {
  const problem = drawWeek(8, { people: 5, homes: 8, visits: 20 });
  const bits = assigner(problem, 3);
  for (let k = 0; k < 10; k += 1) bits.run(200);
  expect(bits.best()).toEqual(assigned(problem, 2000, 3).visits);
  const stopped = assigner(problem, 3);
  stopped.run(1_000_000, () => false);
  expect(stopped.best()).toEqual(assigned(problem, 0, 3).visits);
});

test('who was set by hand stays, whatever it costs', () => {
  const drawn = drawWeek(9, { people: 4, homes: 6, visits: 15 });
  const visits = drawn.visits.map((one, v) =>
    v % 3 === 0 ? { ...one, people: 1, crew: ['p2'], held: true } : one,
  );
  for (const [v, one] of assigned({ ...drawn, visits }, 3000).visits.entries())
    if (v % 3 === 0) expect(one.crew).toEqual(['p2']);
});

test('nobody who may not go is sent while others are free', () => {
  const drawn = drawWeek(11, { people: 8, homes: 10, visits: 20, crew: 1 });
  const everyDay = Array.from({ length: 7 }, () => [6 * 3600, 20 * 3600] as const);
  const people = drawn.people.map((one, p) => ({
    ...one,
    hours: everyDay,
    signed: p !== 3,
    skills: p % 2 === 0 ? ['dog'] : [],
  }));
  const { misfits } = checkWeek(assigned({ ...drawn, people }, 20_000));
  expect(misfits.filter(forbids)).toEqual([]);
});

test('without anybody, or without a visit, nothing is found and nothing breaks', () => {
  const drawn = drawWeek(12, { people: 3, homes: 3, visits: 4 });
  expect(assigned({ ...drawn, people: [] }, 100).visits.map(({ crew }) => crew)).toEqual([
    [],
    [],
    [],
    [],
  ]);
  expect(assigned({ ...drawn, visits: [] }, 100).visits).toEqual([]);
});

test('60 visits and 8 people are assigned in far less than ten seconds', () => {
  const problem = drawWeek(21, { people: 8, homes: 30, visits: 60 });
  const from = performance.now();
  const done = assigned(problem, 15_000);
  expect(performance.now() - from).toBeLessThan(10_000);
  // A week set out by whoever costs least, one after the other, is what the search begins with.
  expect(weekCost(done)).toBeLessThan(0.98 * weekCost(assigned(problem, 0)));
});
