import { circleIn, visitProblemFormat } from '@zymostat/core';
import * as v from 'valibot';
import { id, instant, listOf, name } from '../parts/text.ts';

/** Whole seconds; twelve years are longer than any visit. */
const seconds = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(400_000_000));
const label = v.pipe(v.string(), v.minLength(1), v.maxLength(120));
const span = v.tuple([seconds, seconds]);

const handsOn = v.strictObject({
  kind: v.picklist(['clean', 'apply', 'wipe', 'rinse']),
  work: seconds,
  within: v.optional(seconds),
});
const hold = v.strictObject({
  kind: v.literal('hold'),
  wet: seconds,
  rewetEvery: v.optional(seconds),
  rewetWork: v.optional(seconds),
});

/** The longest way between two rooms of a home, s. */
export const LONGEST_WALK = 1800;
/** Most of each that one visit may have: more nobody can walk through. */
const MOST = { cleaners: 12, rooms: 40, treatments: 400, steps: 12, pairs: 4000, plan: 6000 };

/** One visit to be planned; docs/formats/visit-problem.md says what each field means. */
export const visitProblem = v.strictObject({
  format: v.literal(visitProblemFormat),
  cleaners: listOf(v.strictObject({ id: label, from: seconds, to: seconds }), MOST.cleaners),
  rooms: listOf(
    v.strictObject({
      id: label,
      open: listOf(span, MOST.rooms),
      atOnce: v.optional(seconds),
      walk: v.record(label, seconds),
    }),
    MOST.rooms,
  ),
  treatments: listOf(
    v.strictObject({
      id: label,
      room: label,
      steps: listOf(v.variant('kind', [handsOn, hold]), MOST.steps),
    }),
    MOST.treatments,
  ),
  before: listOf(v.tuple([label, label]), MOST.pairs),
  apart: listOf(v.strictObject({ a: label, b: label, gap: seconds }), MOST.pairs),
  closes: listOf(label, MOST.treatments),
});

/** One hands-on step of a plan; a re-wet has the number of its hold. */
export const planStep = v.strictObject({
  treatment: label,
  step: seconds,
  kind: v.picklist(['clean', 'apply', 'rewet', 'wipe', 'rinse']),
  cleaner: label,
  start: seconds,
  end: seconds,
});

const onFoot = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(LONGEST_WALK));

/** How far it is between the rooms, which are come into by way of another, and when they are free. */
export const roomSetting = v.strictObject({
  walk: onFoot,
  ways: v.pipe(
    v.record(id, v.strictObject({ by: id, seconds: onFoot })),
    v.maxEntries(MOST.rooms, 'too-many'),
    v.check((ways) => circleIn(ways) === undefined, 'in-a-circle'),
  ),
  hours: v.record(id, listOf(span, MOST.rooms)),
});
export type RoomSetting = v.InferOutput<typeof roomSetting>;

/** What a visit is planned from besides the protocol: who works when, and its rooms. */
export const visitSetting = {
  team: v.pipe(
    listOf(v.strictObject({ id, from: seconds, to: seconds }), MOST.cleaners),
    v.minLength(1, 'at-least-one'),
  ),
  rooms: roomSetting,
};

/** A visit as it is to be worked. `startsAt` is second 0 of its times. */
const given = {
  id,
  versionId: id,
  startsAt: instant,
  ...visitSetting,
  steps: listOf(planStep, MOST.plan),
};
export const newVisit = v.strictObject(given);

/** The plan of a home that was given out last. `sequence` counts how often it was given before. */
export const visitPlan = v.strictObject({
  id,
  versionId: id,
  startsAt: instant,
  problem: visitProblem,
  steps: given.steps,
  homeId: id,
  homeName: name,
  place: name,
  /** As it was set for it; nothing where that was not kept yet. */
  setting: v.nullable(roomSetting),
  /** Who works it, by the ids of its cleaners. */
  people: v.array(v.strictObject({ id, name: v.string() })),
  /** Seconds from the start until the home can be handed over, and before which no plan can. */
  done: seconds,
  lowerBound: seconds,
  sequence: v.number(),
  /** In which round its rest was planned anew; nothing where it was given before. */
  roundId: v.nullable(id),
  givenBy: v.string(),
  givenAt: instant,
});

export type VisitPlanRow = v.InferOutput<typeof visitPlan>;

/** What a round goes by, if anything was given for it; and who works in it. */
export const roundPlan = v.strictObject({
  plan: v.nullable(visitPlan),
  people: v.array(v.strictObject({ id, name: v.string() })),
});

/** The rest of a round is planned anew, for those who go on. */
export const planAnew = v.strictObject({
  id,
  here: v.pipe(
    listOf(id, MOST.cleaners),
    v.minLength(1, 'at-least-one'),
    v.check((ids) => new Set(ids).size === ids.length, 'twice'),
  ),
});

/** Who can be sent. */
export const visitTeam = v.array(v.strictObject({ id, name }));
