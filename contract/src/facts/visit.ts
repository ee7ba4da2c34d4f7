import * as v from 'valibot';
import { id, instant } from '../parts/text.ts';
import { factOf } from './fact.ts';

/** A visit's plan was given to those who work it: by which version, for when, and how long. */
export const visit = factOf(
  'visit',
  ['Visits'],
  v.strictObject({
    visitId: id,
    version: v.number(),
    startsAt: instant,
    people: v.array(v.string()),
    /** s until the home can be handed over, s paid, and how often it was given before. */
    done: v.number(),
    paid: v.number(),
    sequence: v.number(),
    /** In which round its rest was planned anew. */
    roundId: v.optional(id),
  }),
);
