import * as v from 'valibot';
import { factOf } from './fact.ts';

/** House rules were changed. */
export const houseRules = factOf(
  'house-rules',
  ['Me', 'Homes', 'Home'],
  v.strictObject({
    changes: v.array(v.strictObject({ question: v.string(), from: v.string(), to: v.string() })),
    flagged: v.number(),
  }),
);
