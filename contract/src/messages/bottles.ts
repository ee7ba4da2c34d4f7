import { bottleMaterials, groups } from '@zymostat/core';
import * as v from 'valibot';
import { name, id, instant } from '../parts/text.ts';
import { strength, volume, active } from '../parts/trade.ts';

export const newBottle = v.strictObject({
  material: v.picklist(bottleMaterials),
  opaque: v.boolean(),
  volume,
});

const bottleEvent = v.strictObject({
  at: instant,
  by: name,
  did: v.picklist(['filled', 'washed']),
  batchCode: v.nullable(v.string()),
});

export const bottle = v.strictObject({
  id,
  code: v.string(),
  ...newBottle.entries,
  heldSinceWash: v.nullable(
    v.strictObject({
      active,
      strength,
      groups: v.array(v.picklist(groups)),
      batchId: id,
      batchCode: v.string(),
    }),
  ),
  history: v.array(bottleEvent),
});

export const fillBottle = v.strictObject({ batchId: id });

/** The bottle's code and the person's own name, typed, so that nobody confirms by a slip. */
export const washBottle = v.strictObject({ code: name, washedBy: name });

export type BottleRow = v.InferOutput<typeof bottle>;
