import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** A surface was wiped or found dry: how long it was wet, and whether that was enough. */
export const wetTime = factOf(
  'wet-time',
  ['WetNow', 'Round'],
  v.strictObject({
    roundId: id,
    surfaceId: id,
    event: v.picklist(['wiped', 'found-dry']),
    batchId: v.nullable(id),
    surfaceName: v.string(),
    roomName: v.string(),
    batchCode: v.nullable(v.string()),
    active,
    strength,
    requiredSeconds: v.number(),
    heldSeconds: v.number(),
    coats: v.number(),
    met: v.boolean(),
  }),
);
