import * as v from 'valibot';
import { id } from '../parts/text.ts';

/** Tables whose rows the ledger speaks of: what stands in them is checked against it. */
export const provedTables = [
  'company',
  'person',
  'company_rule',
  'batch',
  'bottle',
  'protocol_version',
  'round',
] as const;
export type ProvedTable = (typeof provedTables)[number];

/**
 * The row that a fact speaks of, by the SHA-256 (hex) of it as it then was. Facts of before say
 * none.
 */
export const about = {
  about: v.optional(
    v.strictObject({ table: v.picklist(provedTables), id, hash: v.pipe(v.string(), v.length(64)) }),
  ),
};
export type About = NonNullable<v.InferOutput<(typeof about)['about']>>;
