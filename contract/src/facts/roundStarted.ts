import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { coatHolds } from '../parts/trade.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A round was begun. */
export const roundStarted = factOf(
  'round-started',
  ['Rounds', 'WetNow', 'Homes'],
  v.strictObject({ ...about, roundId: id, version: v.number(), holds: v.optional(coatHolds) }),
);
