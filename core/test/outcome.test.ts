import fc from 'fast-check';
import {
  foldClock,
  knownWetUntil,
  outcomeOf,
  shownUntil,
  wetDue,
  type Asked,
  type EventKind,
  type StretchOutcome,
  type WetEvent,
} from '../src/index.ts';

/**
 * What came of it, by what was done: a applied, r re-wet, s looked and saw it wet, d found dry, w
 * wiped, each with its second. Source of the rule: common practice, no source; a label's contact
 * time is a time during which the surface is visibly wet (EPA, contact time on product labels).
 */
const kinds: Record<string, EventKind> = {
  a: 'applied',
  r: 'rewet',
  s: 'seen-wet',
  d: 'found-dry',
  w: 'wiped',
};
const clock = { opening: 'one', uncertain: 0 };
const eventsOf = (done: string): WetEvent[] =>
  done
    .split(' ')
    .filter(Boolean)
    .map((word) => ({
      surfaceId: 's',
      kind: kinds[word[0]!]!,
      at: Math.round(Number(word.slice(1)) * 1000),
      batchId: null,
      clock,
    }));
const asks = (seconds: number, coatHolds: number): Asked => ({
  lies: null,
  seconds,
  coatHolds,
  applies: true,
  rinses: false,
});

type Case = [done: string, outcome: StretchOutcome | null, shownSeconds?: number];

describe.each<[what: string, asked: Asked, cases: Case[]]>([
  [
    'ten minutes, a coat holds four',
    asks(600, 240),
    [
      ['', null],
      ['a0', null],
      ['a0 r200', null],
      ['a0 s600', null],
      ['a0 r200 r400 w600', 'met', 600],
      ['a0 r240 r480 w600', 'met', 600],
      ['a0 r200 r400 w599', 'not-met', 599],
      ['a0 r200 r400 w599.999', 'not-met', 599],
      ['a0 r200 r400 w600.9', 'met', 600],
      ['a0 w600', 'not-shown', 240],
      ['a0 w240', 'not-met', 240],
      ['a0 s240 w600', 'not-shown', 240],
      ['a0 s0 w600', 'not-shown', 240],
      ['a0 s599 w600', 'not-shown', 599],
      ['a0 s600 w600', 'met', 600],
      ['a0 s601 w602', 'met', 601],
      ['a0 r241 r480 w600', 'not-shown', 240],
      ['a0 s241 r241 r480 w600', 'met', 600],
      ['a0 s100 r300 w600', 'not-shown', 240],
      ['a0 s299 r300 r540 w600', 'not-shown', 299],
      ['a0 s300 r300 r540 w600', 'met', 600],
      ['a0 s480 r480 w600', 'met', 600],
      ['a0 s240 s480 w600', 'not-shown', 480],
      ['a0 s239 r240 r481 w600', 'not-shown', 480],
      ['a0 r240 s481 r481 w600', 'met', 600],
      ['a0 r240 s600 w600', 'met', 600],
      ['a0 r600 w600', 'not-shown', 240],
      // Nothing that comes later fills a gap, however long it is kept wet then.
      ['a0 r400 r600 r800 r1000 w1010', 'not-shown', 240],
      ['a0 r200 r400 w640', 'met', 640],
      ['a0 r200 r400 w700', 'met', 640],
      // Found dry is not met, however long it lay; then it starts again from nothing.
      ['a0 d300', 'not-met', 0],
      ['a0 d100', 'not-met', 0],
      ['a0 d700', 'not-met', 0],
      ['a0 s650 d700', 'not-met', 650],
      ['a0 d300 w400', 'not-met', 0],
      ['a0 d300 a310', null],
      ['a0 d300 a310 r500 r700 w910', 'met', 600],
      ['a0 d300 a310 w910', 'not-shown', 240],
      ['a0 w300 a310 r500 r700 w910', 'met', 600],
      ['a0 r200 r400 w600 a700 w800', 'not-met', 100],
      ['a0 r200 r400 w600 s601', 'met', 600],
      // Left for more than twice as long, it was forgotten.
      ['a0 r200 r400 w1200', 'met', 640],
      ['a0 r200 r400 w1201', 'not-shown', 640],
      ['a0 r200 r400 s1201 w1201', 'met', 1201],
      ['a0 r200 r400 s1200 w1201', 'not-shown', 1200],
      ['a0 r200 r400 r640 r880 r1120 w1300', 'met', 1300],
      ['a0 r200 r400 r640 r880 r1121 w1300', 'not-shown', 1120],
    ],
  ],
  [
    'two minutes, a coat holds 55 s',
    asks(120, 55),
    [
      ['a0 w120', 'not-shown', 55],
      ['a0 w171', 'not-shown', 55],
      ['a0 w50', 'not-met', 50],
      ['a0 r50 r100 w120', 'met', 120],
      ['a0 r55 r110 w120', 'met', 120],
      ['a0 r56 r110 w120', 'not-shown', 55],
      ['a0 s60 r60 r110 w125', 'met', 125],
      ['a0 s110 w125', 'not-shown', 110],
      ['a0 s120 w120', 'met', 120],
      ['a0 r50 d90 a95 r145 r195 w215', 'met', 120],
    ],
  ],
  [
    'ten minutes, a coat holds 25',
    asks(600, 1500),
    [
      ['a0 w600', 'met', 600],
      ['a0 w599', 'not-met', 599],
      ['a0 w1200', 'met', 1200],
      ['a0 w1201', 'met', 1201],
      ['a0 w1501', 'not-shown', 1500],
      ['a0 w82831', 'not-shown', 1500],
      ['a0 s82831 w82831', 'met', 82831],
      ['a0 d82831', 'not-met', 0],
    ],
  ],
  [
    'ten minutes, a coat holds just as long, or a second less',
    asks(600, 600),
    [
      ['a0 w600', 'met', 600],
      ['a0 w600.001', 'met', 600],
      ['a0 w599.999', 'not-met', 599],
    ],
  ],
  ['a second less', asks(600, 599), [['a0 w600', 'not-shown', 599]]],
  [
    'ten minutes of what nobody knows how it dries',
    asks(600, 0),
    [
      ['a0 w600', 'not-shown', 0],
      ['a0 s300 w600', 'not-shown', 300],
      ['a0 s600 w600', 'met', 600],
      ['a0 r300 s600 w600', 'not-shown', 0],
      ['a0 s300 r300 s600 w600', 'met', 600],
      ['a0 s300 r301 s600 w600', 'not-shown', 300],
    ],
  ],
  [
    'only cleaned: nothing is to be held',
    asks(0, 0),
    [
      ['a0 w10', null],
      ['a0 d10', null],
    ],
  ],
])('%s', (_, asked, cases) => {
  test.each(cases.map(([done, ...came]) => ({ done, came })))('$done', ({ done, came }) => {
    const [outcome, shownSeconds] = came;
    const clock = foldClock(eventsOf(done), asked);
    expect(outcomeOf(clock, asked)).toBe(outcome);
    if (outcome !== null) expect(clock.stretches.at(-1)!.shownSeconds).toBe(shownSeconds);
  });
});

test.each<[string, number, number | null]>([
  ['', 240, null],
  ['a0', 240, 240],
  ['a0 r200', 240, 440],
  ['a0 s300', 240, 300],
  ['a0 r300', 240, 240],
  ['a0 w600', 240, null],
  ['a0', 0, 0],
])('%s of coats that hold %i s: known to be wet until %s', (done, coatHolds, until) => {
  const asked = asks(600, coatHolds);
  const known = knownWetUntil(foldClock(eventsOf(done), asked), asked);
  expect(known === null ? null : known / 1000).toBe(until);
});

describe.each<
  [what: string, asked: Asked, cases: [done: string, now: number, due: string | null][]]
>([
  [
    'ten minutes, a coat holds four',
    asks(600, 240),
    [
      ['', 0, null],
      ['a0 w600', 700, null],
      ['a0', 10, 'rewet by 240'],
      ['a0', 239, 'rewet by 240'],
      ['a0', 240, 'look by 240'],
      ['a0', 599, 'look by 240'],
      ['a0', 600, 'look by 600'],
      ['a0 s239', 241, 'look by 240'],
      // Once seen when it might be dry, it is looked at again when its time is over.
      ['a0 s300', 301, 'look by 600'],
      ['a0 s300', 601, 'look by 600'],
      ['a0 s600', 601, 'wipe by 600'],
      ['a0 r200', 210, 'rewet by 440'],
      ['a0 r200 r400', 410, 'wipe by 600'],
      ['a0 r200 r400', 900, 'wipe by 600'],
      ['a0 r200 r400', 1201, 'look by 600'],
      ['a0 r200 r400 s1201', 1201, 'wipe by 600'],
      // Re-wet after a gap that nobody looked into: it is only waited out.
      ['a0 r300', 310, 'wipe by 600'],
      ['a0 s300 r300', 310, 'rewet by 540'],
    ],
  ],
  [
    'nobody knows how it dries',
    asks(240, 0),
    [
      ['a0', 1, 'look by 0'],
      ['a0 s1', 2, 'look by 240'],
      ['a0 s240', 240, 'wipe by 240'],
    ],
  ],
  ['only cleaned', asks(0, 0), [['a5', 6, 'wipe by 5']]],
])('what is due: %s', (_, asked, cases) => {
  test.each(cases)('%s, at %i s: %s', (done, now, expected) => {
    const due = wetDue(foldClock(eventsOf(done), asked), asked, now * 1000);
    expect(due && `${due.what} by ${due.at / 1000}`).toBe(expected);
  });
});

/** A stretch of some minutes with its coats and looks, in order, in s. */
const aStretch = fc
  .record({
    coats: fc.uniqueArray(fc.integer({ min: 1, max: 299 }), { maxLength: 5 }),
    seen: fc.uniqueArray(fc.integer({ min: 0, max: 300 }), { maxLength: 4 }),
    to: fc.constant(300),
    coatHolds: fc.integer({ min: 0, max: 200 }),
  })
  .map(({ coats, seen, ...rest }) => ({
    ...rest,
    coats: [0, ...coats.sort((a, b) => a - b)],
    seen: seen.sort((a, b) => a - b),
  }));
const ms = (seconds: number[]) => seconds.map((one) => one * 1000);

test('what is shown is what a second look at every second says', () => {
  fc.assert(
    fc.property(aStretch, ({ coats, seen, to, coatHolds }) => {
      const known = (second: number): boolean => {
        const last = Math.max(...coats.filter((coat) => coat <= second));
        const next = Math.min(...coats.filter((coat) => coat > second), to);
        return (
          second < last + coatHolds || seen.some((at) => at > second && at >= last && at <= next)
        );
      };
      let until = 0;
      while (until < to && known(until)) until += 1;
      const stretch = { from: 0, coats: ms(coats), seen: ms(seen) };
      expect(shownUntil(stretch, coatHolds, to * 1000) / 1000).toBe(until);
    }),
    { numRuns: 2000 },
  );
});

const rank: Record<StretchOutcome, number> = { 'not-met': 0, 'not-shown': 1, met: 2 };

test('looking more, and coats that hold longer, never make it worse', () => {
  const required = fc.integer({ min: 60, max: 360 });
  fc.assert(
    fc.property(
      fc.tuple(aStretch, required, fc.nat(300), fc.nat(100)),
      ([{ coats, seen, to, coatHolds }, seconds, look, longer]) => {
        const outcome = (looks: number[], holds: number) => {
          const done = [
            ...coats.map((at, i) => ({ kind: i === 0 ? 'applied' : 'rewet', at })),
            ...looks.map((at) => ({ kind: 'seen-wet', at })),
          ].sort((a, b) => a.at - b.at);
          const events = [...done, { kind: 'wiped', at: to }].map(
            ({ kind, at }) =>
              ({ surfaceId: 's', kind, at: at * 1000, batchId: null, clock }) as WetEvent,
          );
          const asked = asks(seconds, holds);
          return rank[outcomeOf(foldClock(events, asked), asked)!];
        };
        const before = outcome(seen, coatHolds);
        expect(outcome([...seen, look], coatHolds)).toBeGreaterThanOrEqual(before);
        expect(outcome(seen, coatHolds + longer)).toBeGreaterThanOrEqual(before);
      },
    ),
    { numRuns: 1000 },
  );
});
