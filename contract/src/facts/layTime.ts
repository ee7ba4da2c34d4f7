import { cleaners, layOutcomes, soils } from '@zymostat/core';
import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { factOf } from './fact.ts';
import { timing } from './timing.ts';

/**
 * What worked by itself on a surface was taken off: a bag, a paste, a bath. How long it lay, beside
 * how long it had to and might; it claims no disinfecting.
 */
export const layTime = factOf(
  'lay-time',
  ['WetNow', 'Round'],
  v.strictObject({
    roundId: id,
    surfaceId: id,
    event: v.literal('taken-off'),
    batchId: v.null(),
    surfaceName: v.string(),
    roomName: v.string(),
    batchCode: v.null(),
    soil: v.picklist(soils),
    cleaner: v.picklist(cleaners),
    ratio: v.number(),
    leastSeconds: v.number(),
    mostSeconds: v.nullable(v.number()),
    /** Of two readings of clocks the longer, and the shorter. */
    longestSeconds: v.number(),
    shortestSeconds: v.number(),
    outcome: v.picklist(layOutcomes),
    ...timing,
  }),
);
