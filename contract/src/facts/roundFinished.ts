import { cames } from '@zymostat/core';
import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** A round was finished. */
export const roundFinished = factOf(
  'round-finished',
  ['Rounds', 'WetNow', 'Homes'],
  v.strictObject({
    ...about,
    roundId: id,
    done: v.number(),
    open: v.number(),
    notMet: v.number(),
    /** Nothing in rows of before. */
    notShown: v.optional(v.number()),
    /** What was left open or out, not met or not shown, by name; nothing in rows of before. */
    named: v.optional(
      v.array(
        v.strictObject({
          roomName: v.string(),
          surfaceName: v.string(),
          came: v.picklist(cames),
        }),
      ),
    ),
  }),
);
