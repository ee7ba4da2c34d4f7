import fc from 'fast-check';
import {
  afterEvent,
  clockOfRound,
  foldClock,
  heldTime,
  inPhoneOrder,
  outcomeOf,
  untouchedState,
  type Asked,
  type EventKind,
  type Offset,
  type Stretch,
  type StretchOutcome,
  type WetEvent,
} from '../../src/index.ts';

/**
 * Days as phones have them: closed and opened again, without signal for hours, their clocks set by
 * up to two hours and back; two phones on one surface, what they send arriving twice and in any
 * order. What is then on record is never better than what happened, and right to the second where
 * nobody set a clock.
 */
const asked: Asked = { lies: null, seconds: 600, coatHolds: 240, applies: true, rinses: false };
const HOUR = 3_600_000;
const START = 10 * HOUR;

interface Step {
  /** Ms since the step before. */
  waits: number;
  kind: EventKind;
  /** What happens to the phone before it: opened anew, its clock set by so many ms, heard. */
  opened: boolean;
  set: number;
  heard: boolean;
}

const aStep: fc.Arbitrary<Step> = fc.record({
  waits: fc.integer({ min: 1000, max: 500_000 }),
  kind: fc.constantFrom<EventKind>('applied', 'rewet', 'seen-wet', 'found-dry', 'wiped'),
  opened: fc.boolean(),
  set: fc.oneof(
    { weight: 4, arbitrary: fc.constant(0) },
    { weight: 1, arbitrary: fc.integer({ min: -2 * HOUR, max: 2 * HOUR }) },
  ),
  heard: fc.boolean(),
});
/** Eight events at most are still in the order of any arrival. */
const aDay = fc.array(aStep, { minLength: 2, maxLength: 8 });

type Told = { id: string } & WetEvent;

/** What somebody does on one phone: as it truly was, and as the phone tells it once it has signal. */
const live = (steps: readonly Step[], phone: string): { truth: Told[]; told: Told[] } => {
  let now = START;
  let setBy = 0;
  // Within an opening time runs evenly: its clock stays as it was set when the page was opened.
  let opening = { name: `${phone}0`, setBy: 0 };
  // A phone that shows the page at all has heard the server once.
  const offsets = new Map<string, Offset>([[opening.name, { ahead: 0, within: 100 }]]);
  // Of more than two readings nobody could know: its clock is set once between two hearings.
  let unheard = false;
  const done = steps.map(({ waits, kind, opened, set, heard }, i) => {
    now += waits;
    if (!unheard) setBy += set;
    unheard ||= set !== 0;
    if (opened) opening = { name: `${phone}${i + 1}`, setBy };
    if (heard) {
      offsets.set(opening.name, { ahead: -opening.setBy, within: 100 });
      unheard = unheard && opening.setBy !== setBy;
    }
    return { kind, at: now, opening: opening.name, ticked: now + opening.setBy };
  });
  offsets.set(opening.name, { ahead: -opening.setBy, within: 100 });
  // What was heard in the nearest opening before and after each.
  const heardIn = done.map(({ opening: name }) => offsets.get(name));
  const told = done.map(({ opening: name, ticked }, i) =>
    heldTime(
      { opening: name, ticked },
      {
        own: heardIn[i] ?? null,
        before: heardIn.slice(0, i).findLast(Boolean) ?? offsets.get(`${phone}0`)!,
        after: heardIn.slice(i).find(Boolean) ?? null,
      },
    ),
  );
  const event = (i: number, at: number, clock: WetEvent['clock']): Told => ({
    id: `${phone}${i}`,
    surfaceId: 's',
    kind: done[i]!.kind,
    at,
    batchId: null,
    clock,
  });
  const sure = { opening: 'truth', uncertain: 0 };
  return {
    truth: done.map(({ at }, i) => event(i, at, sure)),
    told: inPhoneOrder(told, 0).map(({ at, clock }, i) => event(i, at, clock)),
  };
};

const last = (events: readonly WetEvent[]): Stretch | undefined =>
  foldClock(events, asked).stretches.at(-1);
const rank: Record<StretchOutcome, number> = { 'not-met': 0, 'not-shown': 1, met: 2 };

test('of one phone: durations right to the second, or shorter and marked', () => {
  fc.assert(
    fc.property(aDay, (steps) => {
      const { truth, told } = live(steps, 'a');
      const [was, found] = [last(truth), last(told)];
      expect(found === undefined).toBe(was === undefined);
      if (!was || !found) return;
      expect(found.heldSeconds).toBeLessThanOrEqual(was.heldSeconds + 1);
      if (found.heldSeconds < was.heldSeconds - 1)
        expect(found.uncertainSeconds).toBeGreaterThan(0);
      // Right to the second: nothing that was short by more comes out as long enough. A time that
      // is asked for longer is also forgotten later.
      const atBest = [-1, 0, 1].map((more) => {
        const generous = { seconds: asked.seconds + more, coatHolds: asked.coatHolds + 1 };
        return rank[foldClock(truth, { ...asked, ...generous }).stretches.at(-1)!.outcome];
      });
      expect(rank[found.outcome]).toBeLessThanOrEqual(Math.max(...atBest));
    }),
    { numRuns: 500 },
  );
});

test('where nobody set a clock, all of it is as it happened', () => {
  fc.assert(
    fc.property(aDay, (steps) => {
      const calm = steps.map((step) => ({ ...step, set: 0 }));
      const { truth, told } = live(calm, 'a');
      expect(told.map(({ at }) => at)).toEqual(truth.map(({ at }) => at));
      expect(outcomeOf(foldClock(told, asked), asked)).toBe(
        outcomeOf(foldClock(truth, asked), asked),
      );
    }),
    { numRuns: 500 },
  );
});

test('of two phones, arriving in any order and twice: the same as told in order', () => {
  const arriving = fc
    .tuple(
      fc.array(aStep, { maxLength: 4 }),
      fc.array(aStep, { maxLength: 4 }),
      fc.infiniteStream(fc.nat()),
    )
    .map(([one, other, picks]) => {
      const told = [...live(one, 'a').told, ...live(other, 'b').told];
      const twice = [...told, ...told].map((event) => ({
        event,
        by: picks.next().value as number,
      }));
      return { told, wire: twice.sort((a, b) => a.by - b.by).map(({ event }) => event) };
    });
  fc.assert(
    fc.property(arriving, ({ told, wire }) => {
      const taken = new Map(wire.map((event) => [event.id, event]));
      const state = [...taken.values()].reduce(
        (before, event) => afterEvent(before, { roundId: 'r', event }, asked),
        untouchedState,
      );
      fc.pre(new Set(told.map(({ at }) => at)).size === told.length);
      const inOrder = foldClock(
        [...told].sort((a, b) => a.at - b.at),
        asked,
      );
      expect(clockOfRound(state, 'r')).toEqual({
        ...inOrder,
        stretches: inOrder.stretches.slice(-1),
      });
    }),
    { numRuns: 500 },
  );
});
