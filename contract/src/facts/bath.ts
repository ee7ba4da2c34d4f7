import { layOutcomes, soakClaims, soakedThings } from '@zymostat/core';
import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** Something was laid in a bath, or taken out of it: how long it lay, and what that may be called. */
export const bath = factOf(
  'bath',
  ['Jars'],
  v.strictObject({
    bathId: id,
    bathCode: v.string(),
    did: v.picklist(['begun', 'ended']),
    thing: v.picklist(soakedThings),
    place: v.string(),
    active,
    strength,
    batchCode: v.string(),
    leastSeconds: v.number(),
    mostSeconds: v.nullable(v.number()),
    /** Of one that is over. */
    lay: v.nullable(
      v.strictObject({
        seconds: v.number(),
        outcome: v.picklist(layOutcomes),
        claim: v.picklist(soakClaims),
      }),
    ),
  }),
);
