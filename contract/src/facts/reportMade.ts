import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { factOf } from './fact.ts';

/** A visit report was signed: on how many rows it rests, and the SHA-256 of its file. */
export const reportMade = factOf(
  'report-made',
  [],
  v.strictObject({ roundId: id, code: v.string(), rows: v.number(), file: v.string() }),
);
