import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { eventKind, skipReason } from '../parts/trade.ts';
import { factOf } from './fact.ts';
import { timing } from './timing.ts';

/** Something was done at a surface in a round. */
export const surfaceEvent = factOf(
  'surface-event',
  ['WetNow', 'Round'],
  v.strictObject({
    roundId: id,
    surfaceId: id,
    event: eventKind,
    batchId: v.nullable(id),
    surfaceName: v.string(),
    roomName: v.string(),
    batchCode: v.nullable(v.string()),
    /** Why it was left out, where it was. */
    why: v.optional(skipReason),
    ...timing,
  }),
);
