import { clothActs, zones } from '@zymostat/core';
import * as v from 'valibot';
import { factOf } from './fact.ts';

/** Clean cloths of a zone were counted, taken, washed or thrown away; how many are clean then. */
export const cloths = factOf(
  'cloths',
  ['Jars'],
  v.strictObject({
    zone: v.picklist(zones),
    did: v.picklist(clothActs),
    count: v.number(),
    clean: v.number(),
    /** °C of a wash. */
    temperature: v.nullable(v.number()),
  }),
);
