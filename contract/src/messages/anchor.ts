import * as v from 'valibot';
import { instant } from '../parts/text.ts';

const hash = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/));

/**
 * The head of the record at a moment, signed: docs/formats/anchor.md. Whoever holds one can tell
 * whether the record was cut off or written anew since.
 */
export const anchor = v.strictObject({
  format: v.literal('zymostat.anchor/1'),
  seq: v.pipe(v.number(), v.integer(), v.minValue(0)),
  hash,
  at: instant,
  key: v.string(),
  signature: v.string(),
});
export type Anchor = v.InferOutput<typeof anchor>;
