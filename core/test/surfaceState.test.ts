import fc from 'fast-check';
import {
  afterEvent,
  clockOfHome,
  clockOfRound,
  eventKinds,
  foldClock,
  isAtOnce,
  isWetIn,
  lastDone,
  STILL_ON,
  takenBack,
  untouched,
  untouchedState,
  withoutRound,
  withoutTakenBack,
  type SurfaceState,
  type WetEvent,
} from '../src/index.ts';

const asked = { lies: null, seconds: 600, coatHolds: 240, applies: true, rinses: true };
const surfaceId = 'basin';
const rounds = ['one', 'two', 'three'];

const anEvent = fc.record({
  id: fc.uuid(),
  roundId: fc.constantFrom(...rounds),
  kind: fc.constantFrom(...eventKinds),
  at: fc.nat(10_000),
  batchId: fc.option(fc.constantFrom('B-1', 'B-2')),
  clock: fc.record({ opening: fc.constantFrom('here', 'there'), uncertain: fc.nat(30) }),
});
type Told = { id: string; roundId: string } & Omit<WetEvent, 'surfaceId'>;

const afterAll = (told: readonly Told[], state: SurfaceState = untouchedState): SurfaceState =>
  told.reduce(
    (before, { roundId, ...event }) =>
      afterEvent(before, { roundId, event: { ...event, surfaceId } }, asked),
    state,
  );
const byTime = (told: readonly Told[]): Told[] => [...told].sort((a, b) => a.at - b.at);

const clock = { opening: 'here', uncertain: 0 };

test('however rounds arrive, what they left together is as it happened', () => {
  const events = fc.uniqueArray(anEvent, { maxLength: 8, selector: ({ at }) => at });
  const shuffled = events.chain((told) =>
    fc.tuple(
      fc.constant(told),
      fc.shuffledSubarray(told, { minLength: told.length, maxLength: told.length }),
    ),
  );
  fc.assert(
    fc.property(shuffled, ([told, arriving]) => {
      const found = clockOfHome(afterAll(arriving), 10_000);
      const happened = foldClock(
        byTime(told).map((event) => ({ ...event, surfaceId })),
        asked,
      );
      const { stretches, ...rest } = happened;
      expect(found).toEqual({ ...rest, stretches: stretches.slice(-1) });
    }),
  );
});

test('a round’s own clock is its own events as they happened, but for stretches before the last', () => {
  fc.assert(
    fc.property(fc.array(anEvent, { maxLength: 8 }), (told) => {
      const state = afterAll(told);
      for (const roundId of rounds) {
        const own = byTime(told.filter((event) => event.roundId === roundId));
        const { stretches, ...rest } = foldClock(
          own.map((event) => ({ ...event, surfaceId })),
          asked,
        );
        expect(clockOfRound(state, roundId)).toEqual({ ...rest, stretches: stretches.slice(-1) });
      }
    }),
  );
});

test('what is kept does not grow with the work', () => {
  const told = Array.from({ length: 3000 }, (_, i) => ({
    id: String(i),
    roundId: 'one',
    kind: (['washed', 'applied', 'wiped'] as const)[i % 3]!,
    at: i,
    batchId: i % 3 === 1 ? 'B-1' : null,
    clock,
  }));
  expect(JSON.stringify(afterAll(told)).length).toBeLessThan(3000);
});

test('after a day nothing of it is taken to be there', () => {
  const state = afterAll([
    { id: 'a', roundId: 'one', kind: 'applied', at: 1000, batchId: 'B-1', clock },
  ]);
  expect(clockOfHome(state, 1000 + STILL_ON).on).toEqual(['B-1']);
  expect(clockOfHome(state, 1001 + STILL_ON)).toEqual(untouched);
});

test('a finished round leaves what it left', () => {
  const state = afterAll([
    { id: 'a', roundId: 'one', kind: 'applied', at: 1000, batchId: 'B-1', clock },
    { id: 'b', roundId: 'one', kind: 'wiped', at: 2000, batchId: null, clock },
  ]);
  const finished = withoutRound(state, 'one');
  expect(clockOfRound(finished, 'one')).toEqual(untouched);
  expect(clockOfHome(finished, 3000).on).toEqual(['B-1']);
});

test('it is wet while any round has it wet', () => {
  const applied = { id: 'a', kind: 'applied', at: 1000, batchId: 'B-1', clock } as const;
  const wet = afterAll([{ roundId: 'one', ...applied }]);
  expect(isWetIn(wet)).toBe(true);
  expect(
    isWetIn(
      afterAll([{ id: 'b', roundId: 'one', kind: 'wiped', at: 2000, batchId: null, clock }], wet),
    ),
  ).toBe(false);
});

test('what was taken back is as if it had never been done', () => {
  const events = fc.uniqueArray(anEvent, { minLength: 1, maxLength: 8, selector: ({ at }) => at });
  fc.assert(
    fc.property(events, (told) => {
      const roundId = told[0]!.roundId;
      const state = afterAll(told);
      const { id } = lastDone(state, roundId)!;
      const without = told.filter((event) => event.id !== id);
      const found = takenBack(state, { roundId, id }, asked);
      const never = afterAll(without);
      expect(clockOfHome(found, 10_000)).toEqual(clockOfHome(never, 10_000));
      expect(clockOfRound(found, roundId)).toEqual(clockOfRound(never, roundId));
      expect(lastDone(found, roundId)?.id).toBe(lastDone(never, roundId)?.id);
      expect(withoutTakenBack([...told, { id: 'back', takesBack: id }])).toEqual(without);
    }),
  );
});

test.each([
  [0, 0, true],
  [12, 0, true],
  [12.1, 0, false],
  [15, 3, true],
  [15.1, 3, false],
  [-1, 0, true],
])('taken back after %d s by clocks that are off by %i s is at once: %s', (after, off, atOnce) => {
  const done = { at: 0, clock: { opening: 'here', uncertain: off } };
  expect(isAtOnce(done, { at: after * 1000, clock })).toBe(atOnce);
});
