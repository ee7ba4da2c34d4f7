import * as v from 'valibot';
import { id, sentence } from '../parts/text.ts';
import { surfaceEvent } from './surfaceEvent.ts';
import { factOf } from './fact.ts';

/** Something told of a surface is taken back: `of`, the fact that was told. */
export const correction = factOf(
  'correction',
  ['WetNow', 'Round'],
  v.strictObject({
    ...surfaceEvent.row.entries.body.entries,
    of: id,
    /** Nothing where it was taken back at once. */
    because: v.optional(sentence),
  }),
);
