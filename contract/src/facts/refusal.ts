import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { active, batchPurpose, reason, strength } from '../parts/trade.ts';
import { factOf } from './fact.ts';

const surfaceNamed = { roomName: v.string(), surfaceName: v.string() };
const batchCode = v.nullable(v.string());

/** What was refused, as codes, names and figures. */
const refused = v.variant('is', [
  v.strictObject({ is: v.literal('surfaces'), surfaces: v.array(v.strictObject(surfaceNamed)) }),
  v.strictObject({
    is: v.literal('pour'),
    stockCode: v.string(),
    active,
    strength,
    purpose: batchPurpose,
  }),
  v.strictObject({ is: v.literal('event'), ...surfaceNamed, batchCode }),
  v.strictObject({ is: v.literal('unknown-surface'), surfaceId: id }),
  v.strictObject({ is: v.literal('filling'), bottleCode: v.string(), batchCode }),
  v.strictObject({ is: v.literal('putting'), thing: v.string(), place: v.string() }),
]);
export type Refused = v.InferOutput<typeof refused>;

/**
 * Something was refused, and why. Older rows say in `detail` what it was; they stay as
 * they were hashed.
 */
export const refusal = factOf(
  'refusal',
  [],
  v.strictObject({
    what: v.picklist(['protocol', 'batch', 'round-event', 'bottle', 'place', 'survey']),
    refused: v.optional(refused),
    detail: v.optional(v.string()),
    reasons: v.array(reason),
  }),
);
