import { actives, MOST_CREW } from '@zymostat/core';
import * as v from 'valibot';
import { id, listOf, name, written } from '../parts/text.ts';
import { strength } from '../parts/trade.ts';

const DAY = 86_400;
const ofDay = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(DAY));
const whole = (most: number) => v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(most));

/** A Monday as YYYY-MM-DD: by it a week is called. */
export const monday = v.pipe(
  v.string(),
  v.isoDate('date'),
  v.check((day) => new Date(`${day}T00:00:00Z`).getUTCDay() === 1, 'monday'),
);

const skills = listOf(written(40), 12);

/** s since midnight, where the company is. */
const hours = v.nullable(
  v.pipe(
    v.tuple([ofDay, ofDay]),
    v.check(([from, to]) => from < to, 'ends-before'),
  ),
);

const DAYS = 7;
/** When somebody works, from Monday on; most s of a week; what they can do that not all can. */
export const workingHours = v.strictObject({
  hours: v.pipe(v.array(hours), v.length(DAYS)),
  most: whole(DAYS * DAY),
  skills,
});

/** A home, or where everybody sets out. */
const place = v.union([v.literal('depot'), id]);
const LONGEST_ROAD = 14_400;
const road = { a: place, b: place, seconds: whole(LONGEST_ROAD) };

/** `before`: what whoever changes it has seen; nothing where nobody had said. */
export const setRoads = v.strictObject({
  roads: v.pipe(
    listOf(v.strictObject({ ...road, before: v.nullable(road.seconds) }), 200),
    v.minLength(1, 'at-least-one'),
  ),
});

const MOST_VISITS = 200;
/** A visit on a day of a week: begun from, by when, by how many, and who goes. */
export const weekVisit = v.pipe(
  v.strictObject({
    id,
    homeId: id,
    day: whole(DAYS - 1),
    from: ofDay,
    by: ofDay,
    people: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MOST_CREW)),
    needs: skills,
    crew: listOf(id, MOST_CREW),
    at: whole(1000),
    held: v.boolean(),
  }),
  v.check(({ from, by }) => from <= by, 'ends-before'),
  v.check(({ crew }) => new Set(crew).size === crew.length, 'twice'),
);

export const weekPlan = v.strictObject({ visits: listOf(weekVisit, MOST_VISITS) });

const solution = { active: v.picklist(actives), strength };
const load = v.strictObject({
  amounts: v.array(v.strictObject({ stockId: id, ...solution, volume: v.number() })),
  wipes: v.array(v.strictObject({ ...solution, count: v.number() })),
  cloths: v.strictObject({
    toilet: v.number(),
    bath: v.number(),
    kitchen: v.number(),
    rest: v.number(),
    glass: v.number(),
  }),
});

/** A week, and all that it is judged by. `revision` counts its changes: 0 where none was planned. */
export const week = v.strictObject({
  monday,
  revision: v.number(),
  visits: v.array(weekVisit),
  people: v.array(
    v.strictObject({
      id,
      name,
      ...workingHours.entries,
      /** Whether somebody has said so; else as most work. */
      said: v.boolean(),
      revision: v.number(),
      signed: v.boolean(),
    }),
  ),
  homes: v.array(
    v.strictObject({
      id,
      name,
      place: name,
      lasts: v.array(v.number()),
      knownTo: v.array(id),
      load,
    }),
  ),
  roads: v.array(v.strictObject(road)),
  /** How strong each stock is that something is mixed from. */
  stocks: v.record(id, strength),
});
export type Week = v.InferOutput<typeof week>;
export type WeekVisitRow = v.InferOutput<typeof weekVisit>;

/** Where somebody goes in a week, in the order in which they do. Times in s since midnight. */
export const ownWeek = v.array(
  v.strictObject({
    visitId: id,
    day: whole(DAYS - 1),
    homeName: name,
    place: name,
    start: v.number(),
    end: v.number(),
    with: v.array(name),
  }),
);
export type OwnWeek = v.InferOutput<typeof ownWeek>;
