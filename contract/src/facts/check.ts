import * as v from 'valibot';
import { reading } from '../messages/batches.ts';
import { id } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A batch was checked by meter or strip. */
export const check = factOf(
  'check',
  ['Batches'],
  v.strictObject({
    ...about,
    batchId: id,
    batchCode: v.string(),
    active,
    meant: strength,
    measured: v.number(),
    uncertainty: v.number(),
    reading,
    inStrength: v.boolean(),
    why: v.string(),
  }),
);
