import { genericActives, stockActs, storages } from '@zymostat/core';
import * as v from 'valibot';
import { id, instant, name } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** A container came in, as it says on it. Volumes m³. */
export const stockReceived = factOf(
  'stock-received',
  ['Stock', 'Beginning'],
  v.strictObject({
    stockId: id,
    code: v.string(),
    name,
    active,
    strength,
    volume: v.number(),
    expiresAt: instant,
    lot: v.nullable(v.string()),
    supplier: v.nullable(v.string()),
    storage: v.optional(v.nullable(v.array(v.picklist(storages)))),
  }),
);

/** Something was told of a container; `before`: what was left in it by the record until then. */
export const stockTold = factOf(
  'stock-told',
  ['Stock'],
  v.strictObject({
    stockId: id,
    code: v.string(),
    did: v.picklist(stockActs),
    volume: v.nullable(v.number()),
    before: v.number(),
    why: v.nullable(v.string()),
    /** What it was topped up from, and how it is kept since. */
    from: v.optional(v.nullable(v.strictObject({ stockId: id, code: v.string() }))),
    storage: v.optional(v.nullable(v.array(v.picklist(storages)))),
  }),
);

/** What was read of a container, as an interval of its strength. */
export const stockRead = factOf(
  'stock-read',
  ['Stock'],
  v.strictObject({
    stockId: id,
    code: v.string(),
    active: v.picklist(genericActives),
    by: v.picklist(['density', 'strip']),
    low: v.number(),
    high: v.number(),
  }),
);
