import * as v from 'valibot';
import { clientKeeps } from '../fields/home.ts';
import { problem } from './problem.ts';
import { version } from './protocols.ts';
import { listOf, name, id, instant } from '../parts/text.ts';
import { active, coatHolds, eventClock, eventKind, skipReason } from '../parts/trade.ts';

export const roundEvent = v.strictObject({
  id,
  surfaceId: id,
  kind: eventKind,
  at: instant,
  batchId: v.nullable(id),
  clock: eventClock,
});

/**
 * `at`: when it is held to have been; `said`: what the phone’s clock said. `personId`: who did it; nobody else's session may send it. `turnedBack`: the phone has already
 * refused it, so it is only put on record.
 */
export const newRoundEvent = v.strictObject({
  ...roundEvent.entries,
  said: instant,
  /** Why it was left out, where it was. */
  why: v.optional(skipReason),
  personId: id,
  turnedBack: v.optional(v.boolean(), false),
});

/** `late`: on record, but sent after the round was finished. */
export const taken = v.strictObject({ id, taken: v.picklist(['now', 'before', 'late']) });

/** More than this a phone sends in as many requests as it takes. */
const MOST_EVENTS = 100;

/** All that a phone has still to send, of any of its rounds, in the order in which it was done. */
export const manyEvents = v.strictObject({
  events: v.pipe(
    listOf(v.strictObject({ roundId: id, ...newRoundEvent.entries }), MOST_EVENTS),
    v.minLength(1, 'at-least-one'),
  ),
});

/** How each was taken, in the same order: one that is refused holds up none of the others. */
export const manyTaken = v.array(v.union([taken, v.strictObject({ id, problem })]));

export const newRound = v.strictObject({ id, homeId: id });

export const roundRow = v.strictObject({
  id,
  homeId: id,
  homeName: name,
  place: name,
  /** Everybody who works in it; and whether that is who asks. */
  by: v.string(),
  joined: v.boolean(),
  startedAt: instant,
  finishedAt: v.nullable(instant),
});

/**
 * `clientKeeps` as of now, whatever stood when the version was approved; `holds`: for how many
 * seconds a coat is known to stay wet on each surface, 0 where it is not there.
 */
export const round = v.strictObject({
  ...roundRow.entries,
  version,
  clientKeeps,
  holds: coatHolds,
  events: v.array(roundEvent),
});

export const wetNow = v.array(
  v.strictObject({
    roundId: id,
    surfaceId: id,
    homeName: name,
    surfaceName: name,
    by: v.string(),
    active,
    seconds: v.number(),
    wetSince: instant,
    coats: v.array(instant),
    seen: v.array(instant),
    slack: v.number(),
    coatHolds: v.number(),
  }),
);

export type RoundEvent = v.InferOutput<typeof roundEvent>;

export type NewRoundEvent = v.InferOutput<typeof newRoundEvent>;

export type RoundRow = v.InferOutput<typeof roundRow>;

export type Round = v.InferOutput<typeof round>;

export type WetNow = v.InferOutput<typeof wetNow>;
