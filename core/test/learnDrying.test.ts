import {
  foldClock,
  learnDrying,
  normal,
  observedIn,
  phi,
  seeded,
  type EventKind,
  type Observed,
} from '../src/index.ts';

const clock = { opening: 'here', uncertain: 0 };

/** "applied 0, seen-wet 200, found-dry 320": the stretch that it makes. */
const observed = (done: string, coatHolds = 300): Observed[] => {
  const events = done.split(', ').map((one) => {
    const [kind, at] = one.split(' ') as [EventKind, string];
    return { surfaceId: 's', kind, at: Number(at) * 1000, batchId: null, clock };
  });
  const asked = { lies: null, seconds: 600, coatHolds, applies: true, rinses: false };
  return foldClock(events, asked).stretches.flatMap((stretch) =>
    observedIn(stretch, coatHolds, coatHolds / 0.85),
  );
};

test.each<[string, string, [number, number | null][]]>([
  ['wiped, nobody looked: nothing is learnt', 'applied 0, wiped 600', []],
  ['seen wet once', 'applied 0, seen-wet 250, wiped 600', [[250, null]]],
  ['the last look counts', 'applied 0, seen-wet 250, seen-wet 400, wiped 600', [[400, null]]],
  ['re-wet in time counts as seen wet', 'applied 0, rewet 200, wiped 600', [[200, null]]],
  ['re-wet late and nobody looked: nothing', 'applied 0, rewet 400, wiped 600', []],
  ['re-wet late, but seen wet', 'applied 0, seen-wet 390, rewet 390, wiped 600', [[390, null]]],
  ['found dry', 'applied 0, found-dry 250', [[0, 250]]],
  ['found dry after a look', 'applied 0, seen-wet 100, found-dry 250', [[100, 250]]],
  [
    'each coat by itself',
    'applied 0, rewet 200, seen-wet 350, found-dry 600',
    [
      [200, null],
      [150, 400],
    ],
  ],
])('%s', (_, done, expected) => {
  expect(observed(done).map(({ wet, dry }) => [wet, dry])).toEqual(expected);
});

// Source: tables of the standard normal distribution, from memory.
test.each([
  [0, 0.5],
  [1, 0.841345],
  [-1.2816, 0.1],
  [1.96, 0.975],
  [3, 0.99865],
])('the normal distribution at %d is %d', (z, expected) => {
  expect(phi(z)).toBeCloseTo(expected, 4);
});

test('with nothing observed nothing changes', () => {
  expect(learnDrying([])).toMatchObject({ factor: 1, observations: 0 });
  // What nobody expects anything of tells nothing.
  expect(learnDrying([{ wet: 10, dry: 20, expected: 0 }])).toMatchObject({ factor: 1 });
  // The band is that of the prior: 0.4 in the logarithm.
  const { low, high } = learnDrying([]);
  expect(Math.log(high)).toBeCloseTo(0.4 * 1.2816, 2);
  expect(Math.log(low)).toBeCloseTo(-0.4 * 1.2816, 2);
});

test('what is found dry early says that the room dries faster, what stays wet that it dries slower', () => {
  const expected = 300;
  const fast = learnDrying([{ wet: 100, dry: 160, expected }]);
  const slow = learnDrying([{ wet: 500, dry: null, expected }]);
  expect(fast.factor).toBeGreaterThan(1.2);
  expect(slow.factor).toBeLessThan(0.8);
  const more = learnDrying(Array.from({ length: 9 }, () => ({ wet: 100, dry: 160, expected })));
  expect(more.factor).toBeGreaterThan(fast.factor);
  expect(more.high / more.low).toBeLessThan(fast.high / fast.low);
});

/** What people see of a room that dries `factor` times as fast: looks, re-wets, finds. */
const simulated = (factor: number, count: number, seed: number): Observed[] => {
  const next = seeded(seed);
  const hand = normal(next);
  return Array.from({ length: count }, () => {
    const expected = 200 + 400 * next();
    const holds = (expected / factor) * Math.exp(0.25 * hand());
    // They look somewhere between a third of the expected time and twice of it, and once before.
    const looks = expected * (0.33 + 1.67 * next());
    const before = looks * next();
    if (holds > looks) return { wet: looks, dry: null, expected };
    return holds > before
      ? { wet: before, dry: looks, expected }
      : { wet: 0, dry: before, expected };
  });
};

test('the stated band holds the truth four times in five', () => {
  const hand = normal(seeded(11));
  let held = 0;
  const times = 500;
  for (let i = 0; i < times; i += 1) {
    const factor = Math.exp(0.4 * hand());
    const { low, high } = learnDrying(simulated(factor, 1 + (i % 20), 1000 + i));
    if (low <= factor && factor <= high) held += 1;
  }
  expect(held / times).toBeGreaterThanOrEqual(0.75);
  expect(held / times).toBeLessThanOrEqual(0.85);
});

test('10,000 rounds are learnt of in under 5 s', () => {
  const all = simulated(1.3, 10_000, 7);
  const begun = performance.now();
  expect(learnDrying(all).factor).toBeCloseTo(1.3, 1);
  expect(performance.now() - begun).toBeLessThan(5000);
});
