import { jarActs } from '@zymostat/core';
import * as v from 'valibot';
import { id, instant } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** A jar of wipes was made, or something was done with it; how many cloths are left then. */
export const jar = factOf(
  'jar',
  ['Jars'],
  v.strictObject({
    jarId: id,
    jarCode: v.string(),
    did: v.picklist(['made', ...jarActs]),
    count: v.number(),
    left: v.number(),
    active: v.nullable(active),
    strength: v.nullable(strength),
    batchCode: v.nullable(v.string()),
    awayAt: instant,
  }),
);
