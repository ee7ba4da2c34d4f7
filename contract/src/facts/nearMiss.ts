import * as v from 'valibot';
import { mishapFacts } from '../messages/mishaps.ts';
import { factOf } from './fact.ts';

/** Two things nearly met, or did. */
export const nearMiss = factOf(
  'near-miss',
  ['Mishaps'],
  v.strictObject({ ...mishapFacts, products: v.array(v.string()) }),
);
