import {
  cleaners,
  levels,
  materialIds,
  notsOnSoil,
  soakClaims,
  soils,
  things,
  type JobStep,
} from '@zymostat/core';
import * as v from 'valibot';
import { situationList } from '../fields/home.ts';
import { flag, loosening, versionHead } from './homes.ts';
import { name, sentence, id } from '../parts/text.ts';
import { strength, active, goal, against, step, application, reason } from '../parts/trade.ts';

/** What a change of house rules would make untrue, home by home. */
export const ruleEffects = v.array(
  v.strictObject({ homeId: id, homeName: name, flags: v.array(flag) }),
);

/** s that something works by itself. */
export const lies = v.strictObject({ least: v.number(), most: v.nullable(v.number()) });

/** A step of a job with its figures: which go with which code its type says. */
const jobStep = v.strictObject({
  code: v.pipe(v.string(), v.nonEmpty()),
  figures: v.optional(v.record(v.string(), v.nullable(v.union([v.number(), v.string()])))),
}) as unknown as v.GenericSchema<JobStep>;

/** What is on a surface, and what is done about it before anything is kept wet. */
export const treatedSoil = v.strictObject({
  soil: v.picklist(soils),
  thing: v.picklist(things),
  set: loosening,
  cleaners: v.array(v.strictObject({ cleaner: v.picklist(cleaners), ratio: v.number() })),
  lies: v.nullable(lies),
  poured: v.nullable(v.number()),
  claim: v.picklist(soakClaims),
  steps: v.array(jobStep),
  not: v.array(v.picklist(notsOnSoil)),
});

/** A surface as it was approved: what is to be done, with the reasons that stood behind it. */
export const treatedSurface = v.strictObject({
  id,
  name,
  material: v.picklist(materialIds),
  level: v.picklist(levels),
  area: v.number(),
  food: v.boolean(),
  goal,
  against,
  accepted: v.nullable(sentence),
  treatment: v.nullable(
    v.strictObject({ stockId: id, active, strength, seconds: v.number(), application }),
  ),
  steps: v.array(step),
  /** Versions of before soil was asked know of none. */
  loosening: v.optional(v.nullable(treatedSoil), null),
  reasons: v.array(reason),
});

export const protocol = v.strictObject({
  homeName: name,
  place: name,
  situations: situationList,
  rooms: v.array(v.strictObject({ id, name, surfaces: v.array(treatedSurface) })),
});

export const version = v.strictObject({ ...versionHead.entries, homeId: id, protocol });

export type TreatedSurface = v.InferOutput<typeof treatedSurface>;

export type Protocol = v.InferOutput<typeof protocol>;

export type Version = v.InferOutput<typeof version>;

export type RuleEffects = v.InferOutput<typeof ruleEffects>;
