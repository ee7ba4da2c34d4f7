import * as v from 'valibot';
import { clientKeeps } from '../fields/home.ts';
import { wayIn } from './homes.ts';
import { problem } from './problem.ts';
import { lies, version } from './protocols.ts';
import { listOf, name, id, instant, sentence } from '../parts/text.ts';
import { active, coatHolds, eventClock, eventKind, skipReason } from '../parts/trade.ts';
import { cleaners, measurableAir } from '@zymostat/core';

const told = {
  id,
  surfaceId: id,
  kind: eventKind,
  at: instant,
  batchId: v.nullable(id),
  clock: eventClock,
  /** That it was not so, after all: the event that is taken back, whose kind and surface these are. */
  takesBack: v.optional(id),
  /** Why it was left out, where it was. */
  why: v.optional(skipReason),
};

const between = ({ least, most }: { least: number; most: number }, check: string) =>
  v.pipe(v.number(), v.minValue(least, check), v.maxValue(most, check));

/** °C and the fraction of saturation, as instruments in a room show them. */
export const measuredAir = v.strictObject({
  temperature: between(measurableAir.temperature, 'room-temperature'),
  humidity: between(measurableAir.humidity, 'room-humidity'),
});

/** The air of a room, measured in a round before anything was put on there. */
export const newAir = v.strictObject({ id, roomId: id, ...measuredAir.entries });

/** What was told in a round, and by whom. */
export const roundEvent = v.strictObject({ ...told, personId: id, by: v.string() });

/**
 * `at`: when it is held to have been; `said`: what the phone’s clock said. `personId`: who did it; nobody else's session may send it. `turnedBack`: the phone has already
 * refused it, so it is only put on record.
 */
export const newRoundEvent = v.strictObject({
  ...told,
  said: instant,
  /** Why it is taken back, where that was not at once. */
  because: v.optional(sentence),
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

/**
 * `begun`: what the phone has begun it by and when, where it had no signal; by the newest version
 * and now where it says nothing.
 */
export const newRound = v.strictObject({
  id,
  homeId: id,
  begun: v.optional(v.strictObject({ versionId: id, at: instant })),
});

/** `at`: when it was finished, where the phone had no signal. */
export const finished = v.strictObject({ at: v.optional(instant) });

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
 * seconds a coat is known to stay wet on each surface, 0 where it is not there; `airs`: what was
 * measured in its rooms, the last of each.
 */
export const round = v.strictObject({
  ...roundRow.entries,
  version,
  clientKeeps,
  holds: coatHolds,
  /** For who works in it, while they do. */
  wayIn: v.nullable(wayIn),
  airs: v.array(v.strictObject({ roomId: id, ...measuredAir.entries, at: instant })),
  events: v.array(roundEvent),
});

/** What a round of a home would be by now: all that a phone needs to begin it without signal. */
export const roundAhead = v.strictObject({
  homeId: id,
  homeName: name,
  place: name,
  version,
  clientKeeps,
  holds: coatHolds,
  /** s that hands were on each step, by rounds on record: by surface. */
  took: v.record(
    id,
    v.strictObject({
      clean: v.optional(v.number()),
      apply: v.optional(v.number()),
      wipe: v.optional(v.number()),
      rinse: v.optional(v.number()),
    }),
  ),
});

/** What is left alone right now in rounds: wet, or something works there by itself. */
export const wetNow = v.array(
  v.strictObject({
    roundId: id,
    surfaceId: id,
    homeName: name,
    surfaceName: name,
    by: v.string(),
    /** A coat that is kept wet; nothing where something works by itself instead. */
    wet: v.nullable(
      v.strictObject({
        active,
        seconds: v.number(),
        wetSince: instant,
        coats: v.array(instant),
        seen: v.array(instant),
        slack: v.number(),
        coatHolds: v.number(),
      }),
    ),
    /** What works by itself, since when, and how long it must and may. */
    lying: v.nullable(
      v.strictObject({ cleaner: v.picklist(cleaners), since: instant, ...lies.entries }),
    ),
  }),
);

export type RoundEvent = v.InferOutput<typeof roundEvent>;

export type NewRoundEvent = v.InferOutput<typeof newRoundEvent>;

export type RoundRow = v.InferOutput<typeof roundRow>;

export type Round = v.InferOutput<typeof round>;

export type NewAir = v.InferOutput<typeof newAir>;

export type RoundAhead = v.InferOutput<typeof roundAhead>;

export type WetNow = v.InferOutput<typeof wetNow>;
