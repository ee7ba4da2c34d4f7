import {
  type Outcome,
  type ReasonCode,
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
  threats,
} from '@zymostat/core';
import * as v from 'valibot';

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

/** What a batch is poured for. */
export const batchPurpose = v.picklist(['clean', 'disinfect']);

export const reason = v.strictObject({
  code: v.custom<ReasonCode>((code) => typeof code === 'string'),
  outcome: v.picklist(['use', 'care', 'never'] satisfies Outcome[]),
  figures: v.optional(v.record(v.string(), v.union([v.number(), v.string()]))),
  source: v.string(),
});
