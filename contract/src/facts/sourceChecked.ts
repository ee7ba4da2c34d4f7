import * as v from 'valibot';
import { factOf } from './fact.ts';

/** The figures of a source were compared with it. */
export const sourceChecked = factOf(
  'source-checked',
  ['Sources'],
  v.strictObject({ source: v.string(), note: v.string() }),
);
