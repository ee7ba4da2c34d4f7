import { stretchOutcomes, type StretchOutcome } from '@zymostat/core';
import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { active, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';
import { timing } from './timing.ts';

/** A surface was wiped or found dry: how long it lay wet, and what came of it. */
export const wetTime = factOf(
  'wet-time',
  ['WetNow', 'Round'],
  v.strictObject({
    roundId: id,
    surfaceId: id,
    event: v.picklist(['wiped', 'found-dry']),
    batchId: v.nullable(id),
    surfaceName: v.string(),
    roomName: v.string(),
    batchCode: v.nullable(v.string()),
    active,
    strength,
    requiredSeconds: v.number(),
    heldSeconds: v.number(),
    coats: v.number(),
    met: v.boolean(),
    /** Nothing where nothing had to be held, and in rows of before. */
    outcome: v.optional(v.picklist(stretchOutcomes)),
    /** How often somebody looked, and for how long it is known to have been wet without a gap. */
    looks: v.optional(v.number()),
    shownSeconds: v.optional(v.number()),
    /** By how many seconds clocks disagreed: the times are the shorter ones. */
    uncertainSeconds: v.optional(v.number()),
    ...timing,
  }),
);

/**
 * What came of a wet time; rows of before only tell whether it was met. Nothing where nothing had to
 * be held.
 */
export const outcomeOfWetTime = ({
  requiredSeconds,
  met,
  outcome,
}: Pick<
  v.InferOutput<typeof wetTime.row>['body'],
  'requiredSeconds' | 'met' | 'outcome'
>): StretchOutcome | null => {
  if (requiredSeconds === 0) return null;
  return outcome ?? (met ? 'met' : 'not-met');
};
