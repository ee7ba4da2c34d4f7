import { batchFacts } from '../messages/batches.ts';
import { factOf } from './fact.ts';

/** A batch was poured. */
export const batch = factOf('batch', ['Batches'], batchFacts);
