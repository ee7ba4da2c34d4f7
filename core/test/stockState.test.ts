import fc from 'fast-check';
import { batchInUse, receivedState, stockAfter, type StockChange } from '../src/index.ts';

const change: fc.Arbitrary<StockChange> = fc.oneof(
  fc.record({
    did: fc.constantFrom('poured' as const, 'counted' as const, 'topped' as const),
    volume: fc.double({ min: 0, max: 0.005, noNaN: true }),
    at: fc.nat(1_000_000),
  }),
  fc.record({
    did: fc.constantFrom('opened' as const, 'opened' as const, 'emptied' as const),
    at: fc.nat(1_000_000),
  }),
);
const fold = (changes: readonly StockChange[], volume = 0.005) =>
  changes.reduce(stockAfter, receivedState(volume));

test.each<[string, StockChange[], object]>([
  ['received, it is full and closed', [], { left: 0.005, openedAt: null, gone: null }],
  [
    'a batch opens it and takes from it',
    [{ did: 'poured', at: 7, volume: 0.001 }],
    { left: 0.004, openedAt: 7 },
  ],
  [
    'it was opened before it was poured from',
    [
      { did: 'opened', at: 3 },
      { did: 'poured', at: 7, volume: 0.001 },
    ],
    { openedAt: 3 },
  ],
  [
    'a count stands, whatever the record said',
    [
      { did: 'poured', at: 1, volume: 0.004 },
      { did: 'counted', at: 2, volume: 0.003 },
      { did: 'poured', at: 3, volume: 0.001 },
    ],
    { left: 0.002 },
  ],
  ['there is never less than nothing', [{ did: 'poured', at: 1, volume: 0.009 }], { left: 0 }],
  [
    'what was emptied is gone, and nothing brings it back',
    [
      { did: 'emptied', at: 4 },
      { did: 'counted', at: 5, volume: 0.001 },
      { did: 'discarded', at: 6 },
    ],
    { left: 0, goneAt: 4, gone: 'emptied' },
  ],
])('%s', (_, changes, expected) => {
  expect(fold(changes)).toMatchObject(expected);
});

test('after any acts there is between nothing and what was last known, poured off', () => {
  fc.assert(
    fc.property(fc.array(change, { maxLength: 40 }), (changes) => {
      const { left, gone } = fold(changes);
      expect(left).toBeGreaterThanOrEqual(0);
      const counted = changes.findLastIndex(({ did }) => did === 'counted');
      const from = counted < 0 ? 0.005 : (changes[counted] as { volume: number }).volume;
      const poured = changes
        .slice(counted + 1)
        .reduce((sum, one) => sum + (one.did === 'topped' ? one.volume : 0), 0);
      expect(left).toBeLessThanOrEqual(from + poured + 1e-15);
      if (changes.some(({ did }) => did === 'emptied'))
        expect([left, gone]).toEqual([0, 'emptied']);
    }),
    { numRuns: 500 },
  );
});

test.each<[string, object, boolean]>([
  ['a bottle holds it, three weeks on', { madeAt: -21, inBottle: true }, true],
  ['made this morning, not filled yet', { madeAt: -0.2 }, true],
  ['made the day before yesterday, in no bottle', { madeAt: -2 }, false],
  ['past its time, though a bottle holds it', { inBottle: true, discardAfter: -0.1 }, false],
  ['set aside', { madeAt: -0.2, setAside: true }, false],
])('a batch is in use or not: %s', (_, where, expected) => {
  const DAY = 86_400_000;
  const days = { madeAt: -1, discardAfter: 30, setAside: false, inBottle: false, ...where };
  const whereabouts = {
    ...days,
    madeAt: days.madeAt * DAY,
    discardAfter: days.discardAfter * DAY,
  };
  expect(batchInUse(whereabouts, 0)).toBe(expected);
});
