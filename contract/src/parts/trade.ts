import {
  type Outcome,
  type Reason,
  actives,
  allSteps,
  applications,
  eventKinds,
  flames,
  goals,
  groups,
  routes,
  severities,
  situations,
  skipReasons,
  threats,
} from '@zymostat/core';
import * as v from 'valibot';
import { isCurrency } from '../limits.ts';
import { id } from './text.ts';

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

/** Money by its code in ISO 4217. */
export const currency = v.pipe(v.string(), v.check(isCurrency, 'currency'));

/** US measures of the kitchen, or metric ones. */
export const units = v.picklist(['us', 'metric']);

export const role = v.picklist(['supervisor', 'cleaner']);

export const active = v.picklist(actives);

export const goal = v.picklist(goals);

export const against = v.picklist(threats);

export const severity = v.picklist(severities);

export const situation = v.picklist(situations);

export const eventKind = v.picklist(eventKinds);

export const skipReason = v.picklist(skipReasons);

/** By which opening of a page an event was timed, and by how many seconds it may be off. */
export const eventClock = v.strictObject({
  opening: v.pipe(v.string(), v.regex(/^[\w-]{1,36}$/, 'opening')),
  uncertain: v.pipe(v.number(), v.integer('whole-number-allowed'), v.minValue(0)),
});

/** For how many seconds a coat is known to stay wet, by surface. */
export const coatHolds = v.record(id, v.number());

/** How many times as fast a room dries as the tables say, by how something is put on. */
export const dryingFactors = v.partial(
  v.strictObject({ spray: v.number(), cloth: v.number(), wipe: v.number() }),
);

export const step = v.picklist(allSteps);

export const route = v.picklist(routes);

export const group = v.picklist(groups);

export const flame = v.picklist(flames);

export const application = v.picklist(applications);

/** What a batch is poured for. */
export const batchPurpose = v.picklist(['clean', 'disinfect']);

export const outcome = v.picklist(['use', 'care', 'never'] satisfies Outcome[]);

const figure = v.union([
  v.number(),
  v.string(),
  v.null(),
  v.array(v.string()),
  v.strictObject({ happens: v.string(), remedy: v.string() }),
]);

/**
 * A reason of the core. Which figures go with which code its type says; the schema lets every code
 * pass, so that a page of before the last change still shows the rest.
 */
export const reason = v.strictObject({
  code: v.pipe(v.string(), v.nonEmpty()),
  outcome,
  figures: v.optional(v.record(v.string(), figure)),
  source: v.string(),
}) as unknown as v.GenericSchema<Reason>;
