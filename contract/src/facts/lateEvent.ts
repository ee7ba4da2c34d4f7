import { surfaceEvent } from './surfaceEvent.ts';
import { factOf } from './fact.ts';

/**
 * Something was done at a surface, and was sent after its round was finished: on record, and not
 * counted in what the round came to.
 */
export const lateEvent = factOf('late-event', ['Round'], surfaceEvent.row.entries.body);
