import * as v from 'valibot';
import { id, name } from '../parts/text.ts';
import { application } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** What was learnt of how fast a room dries counts there from now on. */
export const dryingTaken = factOf(
  'drying-taken',
  ['Home'],
  v.strictObject({
    roomId: id,
    roomName: name,
    application,
    factor: v.number(),
    before: v.number(),
    observations: v.number(),
    rounds: v.number(),
  }),
);
