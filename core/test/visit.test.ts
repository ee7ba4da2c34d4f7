import fc from 'fast-check';
import {
  activeFacts,
  cameOf,
  cautiousBook as book,
  eventKinds,
  foldClock,
  judgeEvent,
  outcomeOf,
  untouched,
  waitsFor,
  wetClock,
  type Active,
  type Batch,
  type EventKind,
  type ReasonCode,
  type SurfaceClock,
  type Treatment,
  type WetEvent,
} from '../src/index.ts';

const minute = 60_000;
const treatment: Treatment = {
  seconds: 600,
  coatHolds: 600,
  lies: null,
  puts: [],
  applies: true,
  rinses: false,
  lifts: false,
  flushes: false,
  toilet: false,
  use: { active: 'hydrogen peroxide', strength: 0.03, stockId: 's' },
};
const batch = (
  id: string,
  active: Active,
  strength: number,
  discardAfter = 1000 * minute,
  status: Batch['status'] = 'verified',
): Batch => ({
  id,
  stockId: id,
  active,
  strength,
  discardAfter,
  status,
  groups: active === 'registered product' ? ['quat'] : [activeFacts[active].group],
});
const batches = new Map(
  [
    batch('perox', 'hydrogen peroxide', 0.03),
    batch('weak', 'hydrogen peroxide', 0.015),
    batch('old', 'hydrogen peroxide', 0.03, 5 * minute),
    batch('vinegar', 'acetic acid', 0.05),
    batch('alcohol', '2-propanol', 0.7),
    batch('spray', 'registered product', 1, 1000 * minute, 'unchecked'),
    batch('other spray', 'registered product', 1, 1000 * minute, 'unchecked'),
    batch('unchecked', 'hydrogen peroxide', 0.03, 1000 * minute, 'unchecked'),
    batch('aside', 'hydrogen peroxide', 0.03, 1000 * minute, 'set-aside'),
  ].map((one) => [one.id, one]),
);

const event = (kind: EventKind, at: number, batchId: string | null = null): WetEvent => ({
  surfaceId: 's',
  kind,
  at: at * minute,
  batchId,
  clock: { opening: 'one', uncertain: 0 },
});
const fold = (...events: WetEvent[]) => foldClock(events, treatment);
const washed = event('washed', 0);
const applied = event('applied', 1, 'perox');

describe('the wet clock', () => {
  test('held to the notch is met', () => {
    const clock = fold(washed, applied, event('rewet', 6, 'perox'), event('wiped', 11));
    expect(clock).toMatchObject({
      done: true,
      wetSince: null,
      stretches: [
        { heldSeconds: 600, outcome: 'met', ended: 'wiped', coats: [minute, 6 * minute] },
      ],
    });
    expect(outcomeOf(clock, treatment)).toBe('met');
  });

  test('a second short is not met, and stays so', () => {
    const clock = foldClock(
      [washed, applied, { ...event('wiped', 11), at: 11 * minute - 1 }],
      treatment,
    );
    expect(clock.stretches).toMatchObject([{ heldSeconds: 599, outcome: 'not-met' }]);
    expect(outcomeOf(clock, treatment)).toBe('not-met');
  });

  test('found dry starts again from nothing, however long it was wet', () => {
    const clock = fold(
      washed,
      applied,
      event('found-dry', 30),
      event('applied', 31, 'perox'),
      event('wiped', 36),
    );
    expect(clock.stretches.map(({ heldSeconds, outcome }) => ({ heldSeconds, outcome }))).toEqual([
      { heldSeconds: 1740, outcome: 'not-met' },
      { heldSeconds: 300, outcome: 'not-met' },
    ]);
  });

  test('after a miss it may be applied again; the miss stays on the record', () => {
    const clock = fold(
      washed,
      applied,
      event('wiped', 3),
      event('applied', 4, 'perox'),
      event('wiped', 14),
    );
    expect(clock.stretches.map(({ outcome }) => outcome)).toEqual(['not-met', 'met']);
    expect(outcomeOf(clock, treatment)).toBe('met');
  });

  test('a rinse closes a surface that food touches, and takes the product off', () => {
    const asked = { ...treatment, rinses: true };
    const before = foldClock([washed, applied, event('wiped', 11)], asked);
    expect(before).toMatchObject({ done: false, on: ['perox'] });
    expect(wetClock(before, event('rinsed', 12), asked)).toMatchObject({ done: true, on: [] });
  });

  test('left out is no outcome, is told of, and may still be done', () => {
    const skipped = fold(washed, event('skipped', 2));
    expect(skipped).toMatchObject({ done: true, skipped: true });
    expect([outcomeOf(skipped, treatment), cameOf(skipped, treatment)]).toEqual([null, 'skipped']);
    expect(fold(event('skipped', 0), event('washed', 1))).toMatchObject({
      done: false,
      skipped: false,
    });
  });

  test('left out and put on after all, it is what came of it', () => {
    const after = fold(washed, event('skipped', 0.5), applied, event('wiped', 11));
    expect(after).toMatchObject({ skipped: false, done: true });
    expect(cameOf(after, treatment)).toBeNull();
  });

  test.each([
    ['open', [washed], 'open'],
    ['wet', [washed, applied], 'open'],
    ['met', [washed, applied, event('wiped', 11)], null],
    ['not met', [washed, applied, event('wiped', 2)], 'not-met'],
    ['not shown', [washed, applied, event('wiped', 12), event('rinsed', 13)], null],
    ['forgotten', [washed, applied, event('wiped', 60)], 'not-shown'],
  ])('at the end %s', (_, events, came) => {
    expect(cameOf(fold(...events), treatment)).toBe(came);
  });

  test('washing alone is done by washing', () => {
    const asked = { lies: null, seconds: 0, coatHolds: 0, applies: false, rinses: false };
    expect(foldClock([washed], asked)).toMatchObject({ done: true });
    expect(outcomeOf(foldClock([washed], asked), asked)).toBeNull();
  });

  test('folding is the same however it is split', () => {
    const events = fc.array(
      fc
        .tuple(fc.constantFrom(...eventKinds), fc.nat(60))
        .map(([kind, at]) => event(kind, at, 'perox')),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(events, fc.nat(12), (all, cut) => {
        const first = all
          .slice(0, cut)
          .reduce<SurfaceClock>((clock, e) => wetClock(clock, e, treatment), untouched);
        expect(all.slice(cut).reduce((clock, e) => wetClock(clock, e, treatment), first)).toEqual(
          foldClock(all, treatment),
        );
      }),
    );
  });
});

describe('what may happen next', () => {
  const codes = (next: WetEvent, ...before: WetEvent[]): ReasonCode[] =>
    judgeEvent(next, treatment, fold(...before), {
      batches,
      clientKeeps: [],
      nearby: [],
      book,
    }).reasons.map((r) => r.code);

  test('the usual way through is free of objections', () => {
    const way = [
      washed,
      applied,
      event('rewet', 5, 'perox'),
      event('wiped', 11),
      event('rinsed', 12),
    ];
    way.forEach((next, i) => expect(codes(next, ...way.slice(0, i))).toEqual([]));
  });

  test.each<[string, string, string[], ReasonCode[]]>([
    ['vinegar beside wet peroxide', 'vinegar', ['perox'], ['waits-for']],
    ['peroxide beside wet vinegar', 'perox', ['vinegar'], ['waits-for']],
    ['peroxide beside wet peroxide', 'perox', ['perox'], []],
    ['peroxide beside wet alcohol, which only spoils or takes care', 'perox', ['alcohol'], []],
    ['vinegar beside what nobody knows any more', 'vinegar', ['gone'], ['nearby-unknown']],
    ['both: what hurts is said', 'vinegar', ['gone', 'perox'], ['waits-for']],
    ['vinegar with nothing wet in the room', 'vinegar', [], []],
  ])('%s', (_, hand, on, expected) => {
    const nearby = on.length > 0 ? [{ name: 'Tiles', on, lies: [] }] : [];
    const reasons = waitsFor(batches.get(hand)!, { nearby, batches, book });
    expect(reasons.map(({ code }) => code)).toEqual(expected);
    if (expected.length > 0) expect(reasons[0]!.figures).toMatchObject({ surface: 'Tiles' });
  });

  test.each<[string, WetEvent, WetEvent[], ReasonCode]>([
    ['applying before washing', applied, [], 'not-cleaned-first'],
    ['an expired batch', event('applied', 6, 'old'), [washed], 'batch-expired'],
    ['another strength', event('applied', 2, 'weak'), [washed], 'batch-of-other-strength'],
    ['another family', event('applied', 2, 'alcohol'), [washed], 'batch-of-other-family'],
    [
      'a batch that nobody checked',
      event('applied', 2, 'unchecked'),
      [washed],
      'batch-not-verified',
    ],
    ['a batch that was set aside', event('applied', 2, 'aside'), [washed], 'batch-set-aside'],
    ['no batch', event('applied', 2), [washed], 'stock-missing'],
    ['an unknown batch', event('applied', 2, 'nobody'), [washed], 'stock-missing'],
    ['vinegar on wet peroxide', event('rewet', 2, 'vinegar'), [washed, applied], 'must-not-meet'],
    [
      'vinegar on peroxide wiped but not rinsed',
      event('applied', 12, 'vinegar'),
      [washed, applied, event('wiped', 11)],
      'must-not-meet',
    ],
    ['wiping what is not wet', event('wiped', 2), [washed], 'not-wet'],
    ['applying twice', event('applied', 2, 'perox'), [washed, applied], 'already-wet'],
    ['rinsing what was never on', event('rinsed', 2), [washed], 'nothing-to-do'],
  ])('%s is refused', (_, next, before, code) => {
    expect(codes(next, ...before)).toContain(code);
  });

  test('what must not meet is said first', () => {
    expect(
      judgeEvent(event('rewet', 2, 'vinegar'), treatment, fold(washed, applied), {
        batches,
        clientKeeps: [],
        nearby: [],
        book,
      }).reasons[0],
    ).toMatchObject({
      code: 'must-not-meet',
      figures: { rule: 'peracid', on: 'peroxide', hand: 'vinegar' },
    });
  });

  test('a rinse lifts it', () => {
    expect(
      codes(
        event('applied', 13, 'vinegar'),
        washed,
        applied,
        event('wiped', 11),
        event('rinsed', 12),
      ),
    ).not.toContain('must-not-meet');
  });

  test('wiping early is allowed, since it is recorded', () => {
    expect(codes(event('wiped', 2), washed, applied)).toEqual([]);
  });

  test('a registered product goes by its label: it needs no check, and another product is not it', () => {
    const byLabel: Treatment = {
      seconds: 240,
      coatHolds: 0,
      lies: null,
      puts: [],
      applies: true,
      rinses: false,
      lifts: false,
      flushes: false,
      toilet: false,
      use: { active: 'registered product', strength: 1, stockId: 'spray' },
    };
    const next = (id: string) =>
      judgeEvent(event('applied', 2, id), byLabel, foldClock([washed], byLabel), {
        batches,
        clientKeeps: [],
        nearby: [],
        book,
      }).reasons.map(({ code }) => code);
    expect(next('spray')).toEqual([]);
    expect(next('other spray')).toEqual(['batch-of-other-product']);
    expect(next('perox')).toEqual(['batch-of-other-family']);
  });

  test('a surface that is only washed takes no batch', () => {
    const washOnly: Treatment = {
      seconds: 0,
      coatHolds: 0,
      lies: null,
      puts: [],
      applies: false,
      rinses: false,
      lifts: false,
      flushes: false,
      toilet: false,
      use: null,
    };
    expect(
      judgeEvent(applied, washOnly, foldClock([washed], washOnly), {
        batches,
        clientKeeps: [],
        nearby: [],
        book,
      }).reasons[0]!.code,
    ).toBe('not-in-the-protocol');
  });
});
