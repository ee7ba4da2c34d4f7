import * as v from 'valibot';
import { id, name } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A bottle was filled, or washed. */
export const bottle = factOf(
  'bottle',
  ['Bottles'],
  v.strictObject({
    ...about,
    bottleId: id,
    bottleCode: v.string(),
    did: v.picklist(['added', 'filled', 'washed']),
    batchId: v.nullable(id),
    batchCode: v.nullable(v.string()),
    active: v.nullable(active),
    strength: v.nullable(strength),
    /** A name in facts of before; whoever wrote the fact is who washed it. */
    washedBy: v.nullable(name),
  }),
);
