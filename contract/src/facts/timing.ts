import * as v from 'valibot';
import { instant } from '../parts/text.ts';
import { eventClock } from '../parts/trade.ts';

/**
 * How an event was timed, besides when it is held to have been and when it arrived: by which clock,
 * what the phone's clock said, and by how many seconds it was moved to be possible at all. Rows of
 * before say nothing of it.
 */
export const timing = {
  clock: v.optional(eventClock),
  said: v.optional(instant),
  movedSeconds: v.optional(v.number()),
} as const;
