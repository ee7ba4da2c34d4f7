import { levels, materialIds } from '@zymostat/core';
import * as v from 'valibot';
import { situationList } from '../fields/home.ts';
import { flag, versionHead } from './homes.ts';
import { name, sentence, id } from '../parts/text.ts';
import { strength, active, goal, against, step, application, reason } from '../parts/trade.ts';

/** What a change of house rules would make untrue, home by home. */
export const ruleEffects = v.array(
  v.strictObject({ homeId: id, homeName: name, flags: v.array(flag) }),
);

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
