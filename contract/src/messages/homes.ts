import { cleaners, limeAmounts } from '@zymostat/core';
import * as v from 'valibot';
import { LEAST_REASON, MOST_HOMES_AT_ONCE } from '../limits.ts';
import { clientKeeps, homeFields } from '../fields/home.ts';
import { roomFields } from '../fields/room.ts';
import { surfaceFields } from '../fields/surface.ts';
import { listOf, name, sentence, id, instant, between } from '../parts/text.ts';
import { strength, goal, against, outcome, reason, dryingFactors } from '../parts/trade.ts';

/** Shorter than this is no reason that anybody can stand by, characters. */
const careReason = v.pipe(sentence, v.minLength(LEAST_REASON, 'longer-reason'));

/** How soil is lifted, as somebody has set it; what is nothing goes by the table. */
export const loosening = v.strictObject({
  cleaner: v.nullable(v.picklist(cleaners)),
  ratio: v.nullable(between(0, 1000)),
  seconds: v.nullable(between(0, 86_400)),
  lime: v.nullable(v.picklist(limeAmounts)),
});

export const setting = v.strictObject({
  goal,
  against,
  use: v.nullable(v.strictObject({ stockId: id, strength })),
  accepted: v.nullable(careReason),
  lifts: v.optional(v.boolean(), false),
  growth: v.optional(v.nullable(between(0, 200)), null),
  loosening: v.optional(v.nullable(loosening), null),
});

export const surface = v.strictObject({ id, ...surfaceFields.entries, setting });

export const room = v.strictObject({
  id,
  ...roomFields.entries,
  /** How many times as fast it dries as the tables say, where that was learnt and taken over. */
  drying: dryingFactors,
  surfaces: v.array(surface),
});

/** What a change of a home has made its revision. */
export const revised = v.strictObject({ revision: v.number() });

/** A surface of the newest approved version that no longer stands as it was approved. */
export const flag = v.strictObject({
  surfaceId: id,
  surfaceName: v.string(),
  roomName: v.string(),
  why: v.picklist(['never', 'care', 'longer', 'shorter', 'gone']),
  approved: v.number(),
  now: v.number(),
  reasons: v.array(reason),
});

export const versionHead = v.strictObject({
  id,
  number: v.number(),
  approvedAt: instant,
  approvedBy: name,
});

/** `revision` counts what was changed of it: whoever changes it says which one they saw. */
export const home = v.strictObject({
  id,
  ...homeFields.entries,
  revision: v.number(),
  rooms: v.array(room),
  versions: v.array(versionHead),
  changedSinceApproval: v.boolean(),
  flags: v.array(flag),
  /** What stands before the approval of its next version. */
  objections: v.array(v.strictObject({ surfaceId: id, outcome, reasons: v.array(reason) })),
});

export const homeRow = v.strictObject({
  id,
  ...homeFields.entries,
  rooms: v.number(),
  surfaces: v.number(),
  version: v.nullable(v.number()),
  lastRoundAt: v.nullable(instant),
  /** When it was archived: it is not worked in. */
  archivedAt: v.nullable(instant),
});

const maybe = v.nullable(sentence);

/** How somebody gets in, and whom they find: for who is on a round there, and supervisors. */
export const wayIn = v.strictObject({
  address: maybe,
  door: maybe,
  contact: maybe,
  /** When which rooms may be entered, and how often somebody comes. */
  hours: maybe,
  often: maybe,
  notes: maybe,
});

/** How it was written before, and who wrote that when. */
export const wayInBefore = v.strictObject({ ...wayIn.entries, at: instant, by: name });
export type WayIn = v.InferOutput<typeof wayIn>;

export const setMany = v.strictObject({
  settings: listOf(v.strictObject({ surfaceId: id, setting }), 2000),
});

/**
 * Rooms with their surfaces, as a home's file and a list of surfaces bring them:
 * docs/formats/home.md.
 */
export const surveyedRoom = v.strictObject({
  ...roomFields.entries,
  surfaces: listOf(surfaceFields, 500),
});

export const importRooms = v.strictObject({
  rooms: v.pipe(listOf(surveyedRoom, 100, 'most-rooms'), v.minLength(1, 'least-rooms')),
});

/** Homes with their rooms, as a list brings them; each is new. */
export const importHomes = v.strictObject({
  homes: v.pipe(
    listOf(
      v.strictObject({
        ...homeFields.entries,
        clientKeeps,
        wayIn,
        rooms: listOf(surveyedRoom, 100, 'most-rooms'),
      }),
      MOST_HOMES_AT_ONCE,
    ),
    v.minLength(1, 'write-something'),
  ),
});
export type BroughtHome = v.InferOutput<typeof importHomes>['homes'][number];

export const homeFile = v.strictObject({
  format: v.literal('zymostat.home/1'),
  ...homeFields.entries,
  rooms: listOf(surveyedRoom, 100, 'most-rooms'),
});

export type Revised = v.InferOutput<typeof revised>;

export type SurfaceRow = v.InferOutput<typeof surface>;

export type RoomRow = v.InferOutput<typeof room>;

export type HomeDetail = v.InferOutput<typeof home>;

export type HomeRow = v.InferOutput<typeof homeRow>;

export type FlagRow = v.InferOutput<typeof flag>;

export type SurveyedRoom = v.InferOutput<typeof surveyedRoom>;

export type HomeFile = v.InferOutput<typeof homeFile>;
