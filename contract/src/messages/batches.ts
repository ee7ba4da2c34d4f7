import { groups, stripSteps } from '@zymostat/core';
import * as v from 'valibot';
import { name, id, instant } from '../parts/text.ts';
import { strength, volume, active, batchPurpose } from '../parts/trade.ts';

/** `weighed` in kg, where it was poured by a scale. */
const weighed = v.strictObject({
  stock: v.pipe(v.number(), v.gtValue(0), v.maxValue(100)),
  water: v.pipe(v.number(), v.minValue(0), v.maxValue(100)),
});

export const pourBatch = v.strictObject({
  stockId: id,
  strength,
  purpose: batchPurpose,
  volume,
  weighed: v.optional(weighed),
});

export const batchFacts = v.strictObject({
  id,
  code: v.string(),
  stockId: id,
  stockCode: v.string(),
  active,
  strength,
  purpose: batchPurpose,
  volume: v.number(),
  stockVolume: v.number(),
  waterVolume: v.number(),
  madeAt: instant,
  madeBy: name,
  discardAfter: instant,
  weighed: v.optional(weighed),
});

export const batchStatus = v.picklist(['unchecked', 'verified', 'set-aside']);

export const batch = v.strictObject({
  ...batchFacts.entries,
  status: batchStatus,
  measured: v.nullable(v.number()),
  groups: v.array(v.picklist(groups)),
});

/**
 * kg/m³ and °C as a density meter shows them, or the step of a peroxide strip as a fraction w/v.
 */
export const densityReading = v.strictObject({
  density: v.pipe(
    v.number(),
    v.minValue(600, 'density-600-1300-kgm'),
    v.maxValue(1300, 'density-600-1300-kgm'),
  ),
  temperature: v.pipe(
    v.number(),
    v.minValue(-10, 'temperature-10-40-c'),
    v.maxValue(40, 'temperature-10-40-c'),
  ),
});

export const stripReading = v.strictObject({ step: v.picklist(stripSteps) });

export const reading = v.variant('by', [
  v.strictObject({ by: v.literal('density'), ...densityReading.entries }),
  v.strictObject({ by: v.literal('strip'), ...stripReading.entries }),
]);

export type PourBatch = v.InferOutput<typeof pourBatch>;

export type BatchRow = v.InferOutput<typeof batch>;

export type BatchFacts = v.InferOutput<typeof batchFacts>;

export type BatchStatus = v.InferOutput<typeof batchStatus>;

export type CheckReading = v.InferOutput<typeof reading>;
