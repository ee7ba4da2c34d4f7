import * as v from 'valibot';
import { id, instant } from '../parts/text.ts';
import { outcome, reason } from '../parts/trade.ts';

/**
 * RFC 9457. `reasons` are the core's, for a refusal; `fields` name what was found and what is
 * allowed.
 */
export const problem = v.strictObject({
  type: v.string(),
  title: v.string(),
  status: v.number(),
  detail: v.string(),
  /** What the request is called in the server's log. */
  requestId: v.optional(v.string()),
  fields: v.optional(v.array(v.strictObject({ path: v.string(), message: v.string() }))),
  reasons: v.optional(v.array(reason)),
  /** What somebody else has changed since it was seen, and the revision that stands now. */
  changes: v.optional(
    v.array(
      v.strictObject({
        by: v.string(),
        at: instant,
        subject: v.string(),
        what: v.string(),
        fields: v.array(v.string()),
      }),
    ),
  ),
  revision: v.optional(v.number()),
  objections: v.optional(
    v.array(
      v.strictObject({
        surfaceId: id,
        surfaceName: v.string(),
        roomName: v.string(),
        outcome,
        reasons: v.array(reason),
      }),
    ),
  ),
});

export type Problem = v.InferOutput<typeof problem>;
