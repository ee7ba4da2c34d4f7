import { boundOf } from '../../src/visit/boundOf.ts';
import type { Ops } from '../../src/visit/ops.ts';
import { leastWalking, shortestWays } from '../../src/visit/walks.ts';
import { seeded } from '../../src/units/random.ts';
import type { VisitProblem } from '../../src/index.ts';

const numbers = (count: number) => Array.from({ length: count }, (_, k) => k);

/** Rooms at drawn places of a floor, seconds apart. */
const drawRooms = (seed: number, rooms: number) => {
  const next = seeded(seed);
  const at = numbers(rooms).map(() => [60 * next(), 60 * next()] as const);
  const walk = Int32Array.from(
    at.flatMap(([x, y]) => at.map(([u, v]) => Math.ceil(Math.abs(x - u) + Math.abs(y - v)))),
  );
  return { rooms, walk, ways: shortestWays(rooms, walk) } as Ops;
};

/** Every way of parting a list among so many people, and of ordering what each has. */
const waysOf = (left: number[], people: number): number[][][] => {
  if (left.length === 0) return [Array.from({ length: people }, () => [])];
  const [first, ...rest] = left;
  return waysOf(rest, people).flatMap((way) =>
    way.flatMap((own, p) =>
      numbers(own.length + 1).map((k) => {
        const put = [...own.slice(0, k), first!, ...own.slice(k)];
        return way.map((one, q) => (q === p ? put : one));
      }),
    ),
  );
};

const shortest = ({ rooms, walk }: Ops, own: number[], people: number): number =>
  Math.min(
    ...waysOf(own, people).map((way) =>
      way
        .flatMap((one) => one.slice(1).map((room, k) => walk[one[k]! * rooms + room]!))
        .reduce((sum, seconds) => sum + seconds, 0),
    ),
  );

const bits = (own: number[]) => own.reduce((mask, room) => mask | (1 << room), 0);

test('one person walks exactly the shortest way through any of up to five rooms', () => {
  for (const seed of numbers(20)) {
    const ops = drawRooms(seed, 5);
    const least = leastWalking(ops);
    for (const mask of numbers(31).map((k) => k + 1)) {
      const own = numbers(5).filter((room) => mask & (1 << room));
      expect(least(bits(own), 1)).toBe(shortest(ops, own, 1));
    }
  }
});

test('two or three never have to walk less than is counted, and more people never more', () => {
  for (const seed of numbers(20)) {
    const ops = drawRooms(100 + seed, 4);
    const least = leastWalking(ops);
    const own = numbers(4);
    for (const people of [2, 3]) {
      expect(least(bits(own), people)).toBeLessThanOrEqual(shortest(ops, own, people));
      expect(least(bits(own), people)).toBeLessThanOrEqual(least(bits(own), people - 1));
    }
  }
});

test('in a home of many rooms the tree that joins them is not longer than any way', () => {
  const ops = drawRooms(7, 14);
  const least = leastWalking(ops);
  const next = seeded(8);
  for (const _ of numbers(200)) {
    const order = numbers(14)
      .map((room) => ({ room, by: next() }))
      .sort((a, b) => a.by - b.by)
      .map(({ room }) => room);
    const way = order.slice(1).reduce((sum, room, k) => sum + ops.walk[order[k]! * 14 + room]!, 0);
    expect(least((1 << 14) - 1, 1)).toBeLessThanOrEqual(way);
  }
  expect(least((1 << 14) - 1, 1)).toBeGreaterThan(0);
});

test('a bound is never later than a plan, in homes of more rooms than there are bits too', () => {
  for (const rooms of [31, 32, 33, 40, 70]) {
    // Two people clean the last eight rooms, four each; all lie two minutes apart.
    const id = (r: number) => `r${r}`;
    const problem: VisitProblem = {
      format: 'zymostat.visit-problem/1',
      cleaners: [0, 1].map((c) => ({ id: `c${c}`, from: 0, to: 100_000 })),
      rooms: numbers(rooms).map((r) => ({
        id: id(r),
        open: [[0, 100_000]],
        walk: Object.fromEntries(numbers(rooms).flatMap((q) => (q === r ? [] : [[id(q), 120]]))),
      })),
      treatments: numbers(8).map((k) => ({
        id: `${id(rooms - 1 - k)}/floor`,
        room: id(rooms - 1 - k),
        steps: [{ kind: 'clean', work: 30 }],
      })),
      before: [],
      apart: [],
      closes: [],
    };
    const done = 4 * 30 + 3 * 120;
    expect(boundOf(problem, 2 * done)).toBeLessThanOrEqual(done);
    expect(boundOf(problem, 2 * done)).toBeGreaterThanOrEqual(4 * 30);
  }
});
