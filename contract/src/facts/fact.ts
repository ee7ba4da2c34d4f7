import * as v from 'valibot';
import { id, instant, name } from '../parts/text.ts';
import type { Schema } from '../parts/schema.ts';
import type { Thing } from '../things.ts';

/**
 * A row of the ledger. What happened is in `body`, by `kind`; `hash` covers the row and the hash
 * before it.
 */
const head = {
  seq: v.number(),
  factId: id,
  at: instant,
  recordedAt: instant,
  homeId: v.nullable(id),
  homeName: v.nullable(name),
  personId: id,
  person: name,
  /** Whom it speaks of, where that is a person, as they are called now. */
  subject: v.nullable(name),
  hash: v.string(),
  previousHash: v.string(),
};

/**
 * One kind of fact: what its rows in the ledger hold, as codes and figures only, and which things
 * of the page it touches.
 */
export const factOf = <const K extends string, const B extends Schema>(
  kind: K,
  touches: readonly Thing[],
  body: B,
) => ({ kind, touches, row: v.strictObject({ ...head, kind: v.literal(kind), body }) });
