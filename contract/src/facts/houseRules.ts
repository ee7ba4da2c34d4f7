import * as v from 'valibot';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** House rules were changed. */
export const houseRules = factOf(
  'house-rules',
  ['Me', 'Homes', 'Home'],
  v.strictObject({
    ...about,
    changes: v.array(v.strictObject({ question: v.string(), from: v.string(), to: v.string() })),
    flagged: v.number(),
  }),
);
