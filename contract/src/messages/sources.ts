import { sourceIds } from '@zymostat/core';
import * as v from 'valibot';
import { name, sentence, instant } from '../parts/text.ts';

/** A publication that somebody has compared with the figures entered from it. */
export const checkedSource = v.strictObject({
  source: v.string(),
  by: name,
  at: instant,
  note: v.string(),
});

export const newCheckedSource = v.strictObject({
  source: v.picklist(sourceIds, 'no-source'),
  note: sentence,
});

export type CheckedSource = v.InferOutput<typeof checkedSource>;
