import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A protocol was approved as the next version. */
export const approval = factOf(
  'approval',
  ['Homes', 'Home'],
  v.strictObject({
    ...about,
    versionId: id,
    number: v.number(),
    surfaces: v.number(),
    accepted: v.number(),
  }),
);
