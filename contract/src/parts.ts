import { LEAST_REASON } from './limits.ts';
import {
  actives,
  allSteps,
  applications,
  eventKinds,
  flames,
  goals,
  groups,
  levels,
  materialIds,
  productIds,
  routes,
  schools,
  severities,
  situations,
  threats,
  touches,
  ventilations,
  type HouseQuestion,
  type HouseRules,
  type Outcome,
  type ReasonCode,
} from '@zymostat/core';
import * as v from 'valibot';

/**
 * A list of at most `most`: counted before anything in it is looked at, so that a long one costs
 * nothing.
 */
export const listOf = <const S extends v.GenericSchema>(
  item: S,
  most: number,
  message = 'too-many',
) =>
  v.pipe(
    v.array(v.unknown()),
    v.maxLength(most, message),
    v.array(item),
  ) as unknown as v.GenericSchema<v.InferInput<S>[], v.InferOutput<S>[]>;

/** No control characters but tab and line breaks, and nothing that is no character at all. */
export const plain = v.regex(/^(?:[\t\n\r]|[^\p{Cc}\ufffe\uffff])*$/u, 'control-characters');

/** Text that people write: no control characters but line breaks, nothing empty, bounded. */
const written = (most: number) =>
  v.pipe(
    v.string(),
    v.trim(),
    v.minLength(1, 'write-something'),
    v.maxLength(most, 'too-long'),

    plain,
  );
export const name = written(80);
export const sentence = written(500);

/**
 * Ids are kept in lower case: however one is sent, what is compared, hashed and stored is the same.
 */
export const id = v.pipe(v.string(), v.uuid('uuid'), v.toLowerCase());
/** Milliseconds since 1970, whole. */
export const instant = v.pipe(
  v.number(),
  v.integer(),
  v.minValue(0),
  v.maxValue(4_102_444_800_000),
);
/** A fraction over 0 and at most 1, in the active's own basis. */
export const strength = v.pipe(
  v.number(),
  v.gtValue(0, 'strength-over-0'),
  v.maxValue(1, 'strength-most-100'),
);
/** m³, up to 100 L. */
export const volume = v.pipe(
  v.number(),
  v.gtValue(0, 'over-zero-amount'),
  v.maxValue(0.1, 'most-amount'),
);
const between = (low: number, high: number, what: string, unit: string) =>
  v.pipe(
    v.number(),
    v.minValue(low, `${what} is ${low} to ${high} ${unit}.`),
    v.maxValue(high, `${what} is ${low} to ${high} ${unit}.`),
  );

export const role = v.picklist(['supervisor', 'cleaner']);
export const active = v.picklist(actives);
export const goal = v.picklist(goals);
export const against = v.picklist(threats);
export const severity = v.picklist(severities);
export const situation = v.picklist(situations);
export const eventKind = v.picklist(eventKinds);
export const step = v.picklist(allSteps);
export const route = v.picklist(routes);
export const group = v.picklist(groups);
export const flame = v.picklist(flames);
export const application = v.picklist(applications);

export const reason = v.strictObject({
  code: v.custom<ReasonCode>((code) => typeof code === 'string'),
  outcome: v.picklist(['use', 'care', 'never'] satisfies Outcome[]),
  figures: v.optional(v.record(v.string(), v.union([v.number(), v.string()]))),
  source: v.string(),
});

/** Each choice at most once, so that a stored list reads as it was ticked. */
export const situationList = v.pipe(
  listOf(situation, situations.length),
  v.transform((list) => [...new Set(list)]),
);

/** Shorter than this is no reason that anybody can stand by, characters. */
const careReason = v.pipe(sentence, v.minLength(LEAST_REASON, 'longer-reason'));

export const setting = v.strictObject({
  goal,
  against,
  use: v.nullable(v.strictObject({ stockId: id, strength })),
  accepted: v.nullable(careReason),
  lifts: v.optional(v.boolean(), false),
  growth: v.optional(v.nullable(between(0, 200, 'An area of mildew', 'm²')), null),
});

export const surfaceFields = v.strictObject({
  name,
  material: v.picklist(materialIds),
  level: v.picklist(levels),
  area: between(0.01, 200, 'An area', 'm²'),
  touched: v.picklist(touches),
  food: v.boolean(),
});

export const roomFields = v.strictObject({
  name,
  floorArea: between(0.5, 500, 'A floor area', 'm²'),
  height: between(1.5, 10, 'A room height', 'm'),
  ventilation: v.picklist(ventilations),
  flame,
});

/** What the client keeps or uses, each kind once. */
export const clientKeeps = v.pipe(
  listOf(v.picklist(productIds), productIds.length),
  v.transform((list) => [...new Set(list)]),
);
export const homeFields = v.strictObject({
  name,
  place: name,
  situations: situationList,
  clientKeeps: v.optional(clientKeeps, []),
});

/** Every question answered with one of its schools. */
export const houseRules = v.strictObject(
  Object.fromEntries(
    Object.entries(schools).map(([question, list]) => [
      question,
      v.picklist(list as readonly string[]),
    ]),
  ) as unknown as { [Q in HouseQuestion]: v.GenericSchema<HouseRules[Q]> },
);

/**
 * A registered product's label as the supervisor enters it: at least one use, each against
 * something and for a time.
 */
export const productLabel = v.strictObject({
  groups: v.pipe(
    listOf(v.picklist(groups), groups.length),
    v.minLength(1, 'groups-needed'),
    v.transform((list) => [...new Set(list)]),
  ),
  uses: v.pipe(
    listOf(
      v.strictObject({
        goal: v.picklist(['sanitise', 'disinfect']),
        against: v.pipe(
          listOf(v.picklist(threats), threats.length),
          v.minLength(1, 'against-needed'),
        ),
        seconds: v.pipe(
          v.number(),
          v.integer(),
          v.minValue(1, 'labels-time-1-s'),
          v.maxValue(7200, 'labels-time-1-s'),
        ),
      }),
      20,
    ),
    v.minLength(1, 'uses-needed'),
  ),
  notOn: v.pipe(
    listOf(v.picklist(materialIds), materialIds.length),
    v.transform((list) => [...new Set(list)]),
  ),
  dilution: v.optional(
    v.nullable(
      v.strictObject({
        water: v.pipe(v.number(), v.gtValue(0, 'water-parts'), v.maxValue(1000, 'water-parts')),
        keeps: v.pipe(
          v.number(),
          v.integer(),
          v.minValue(60, 'dilution-keeps-1-min'),
          v.maxValue(63_072_000, 'dilution-keeps-1-min'),
        ),
        hardness: v.nullable(
          v.pipe(v.number(), v.minValue(0, 'hardness'), v.maxValue(2000, 'hardness')),
        ),
      }),
    ),
    null,
  ),
  registration: v.optional(v.nullable(written(60)), null),
});

/** What a batch is poured for. */
export const batchPurpose = v.picklist(['clean', 'disinfect']);

/**
 * A company's own rule: which two must not meet, by which routes and how badly. It adds to the book
 * and makes nothing milder.
 */
export const companyRuleFields = v.strictObject({
  one: group,
  other: v.picklist([...groups, 'anything']),
  by: v.pipe(
    v.record(route, v.picklist(['care', 'spoils', 'never'], 'rule-care-spoils-or')),
    v.check((by) => Object.keys(by).length > 0, 'routes-needed'),
  ),
  happens: sentence,
  remedy: sentence,
});

/** What stands in a place: a stock container, a bottle, or a thing of a known kind. */
export const placedThing = v.variant('is', [
  v.strictObject({ is: v.literal('stock'), id }),
  v.strictObject({ is: v.literal('bottle'), id }),
  v.strictObject({ is: v.literal('kind'), id: v.picklist(productIds) }),
]);
