import * as v from 'valibot';
import { mishapFacts } from '../messages/mishaps.ts';
import { factOf } from './fact.ts';

/** Two things met and somebody was harmed. */
export const incident = factOf(
  'incident',
  ['Mishaps'],
  v.strictObject({ ...mishapFacts, products: v.array(v.string()) }),
);
