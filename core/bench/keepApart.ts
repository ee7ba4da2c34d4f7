import {
  cautiousBook,
  judgeCombination,
  judgeSequence,
  judgeSet,
  productIds,
  products,
  routes,
  type Happening,
  type Product,
} from '../src/index.ts';

/* Speed of what must not meet, for a person to read: npm run bench:keepApart. */
const say = (what: string, ms: number, most: number) =>
  console.log(`${what.padEnd(60)} ${ms.toFixed(2).padStart(9)} ms   at most ${most} ms`);
const median = (runs: number, work: () => unknown): number =>
  Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b)[Math.floor(runs / 2)]!;

const all: Product[] = productIds.map((id) => products[id]);
const shelf = all.slice(0, 25);
for (const route of routes)
  say(
    `25 products by ${route}`,
    median(200, () => judgeSet(shelf, route, {}, cautiousBook)),
    5,
  );

const rooms = Object.fromEntries(
  Array.from({ length: 8 }, (_, r) => [
    `room ${r}`,
    { volume: 10 + r, ventilation: 'window' as const },
  ]),
);
const visit: Happening[] = Array.from({ length: 80 }, (_, i): Happening[] => {
  const room = `room ${Math.floor(i / 10)}`;
  return [
    { kind: 'act', act: 'rinse', at: `surface ${i}` },
    {
      kind: 'use',
      id: String(i),
      product: all[(i * 7) % all.length]!,
      surface: `surface ${i}`,
      drain: `drain ${room}`,
      room,
    },
  ];
}).flat();
say(
  'a visit of 80 surfaces',
  median(20, () => judgeSequence(visit, rooms, cautiousBook)),
  20,
);

const sixty = Array.from({ length: 60 }, (_, i) => all[i % all.length]!);
say(
  'a matrix of 60 products, one route',
  median(20, () =>
    sixty.map((one, i) =>
      sixty
        .slice(0, i)
        .map((other) => judgeCombination(one, other, { route: 'surface' }, cautiousBook).severity),
    ),
  ),
  50,
);
