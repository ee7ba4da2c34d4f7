import * as v from 'valibot';
import { batchFacts } from '../messages/batches.ts';
import { name } from '../parts/text.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A batch was poured. `madeBy`: a name in facts of before; whoever wrote the fact made it. */
export const batch = factOf(
  'batch',
  ['Batches'],
  v.strictObject({ ...about, ...batchFacts.entries, madeBy: v.optional(name) }),
);
