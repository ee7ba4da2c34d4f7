import * as v from 'valibot';
import { id, name } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** A bottle was filled, or washed. */
export const bottle = factOf(
  'bottle',
  ['Bottles'],
  v.strictObject({
    bottleId: id,
    bottleCode: v.string(),
    did: v.picklist(['filled', 'washed']),
    batchId: v.nullable(id),
    batchCode: v.nullable(v.string()),
    active: v.nullable(active),
    strength: v.nullable(strength),
    washedBy: v.nullable(name),
  }),
);
