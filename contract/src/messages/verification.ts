import * as v from 'valibot';
import { instant } from '../parts/text.ts';
import { anchor } from './anchor.ts';

/** Something in the record that is not as it was written: where, what was found and expected. */
const recordBreak = v.strictObject({
  code: v.picklist([
    'number',
    'link',
    'content',
    'row-changed',
    'row-missing',
    'row-unspoken',
    'wet-differs',
    'guard-off',
    'anchor-signature',
    'anchor-missing',
    'anchor-differs',
  ]),
  seq: v.optional(v.number()),
  table: v.optional(v.string()),
  id: v.optional(v.string()),
  homeId: v.optional(v.string()),
  surfaceId: v.optional(v.string()),
  name: v.optional(v.string()),
  found: v.optional(v.string()),
  expected: v.optional(v.string()),
});
export type RecordBreak = v.InferOutput<typeof recordBreak>;

/**
 * What came of verifying the record: the breaks named are at most the first 100 of `broken`;
 * `unprotected` is what the database itself would let this server change.
 */
export const verification = v.strictObject({
  at: instant,
  rows: v.number(),
  seconds: v.number(),
  broken: v.number(),
  breaks: v.array(recordBreak),
  unprotected: v.array(v.picklist(['superuser', 'owner', 'may-change'])),
  head: anchor,
});
export type Verification = v.InferOutput<typeof verification>;
