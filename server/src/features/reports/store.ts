import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

/** A report as it was signed, with the file that the client holds. */
export interface KeptReport {
  code: string;
  roundId: string;
  madeAt: Date;
  signed: string;
  signature: string;
  pdf: Buffer;
}

const find = prepared<KeptReport>(
  'report by code',
  'SELECT code, round_id AS "roundId", made_at AS "madeAt", signed, signature, pdf FROM report WHERE code = $1',
);
export const reportByCode = async (
  { db }: Context,
  code: string,
): Promise<KeptReport | undefined> => (await find(db, [code]))[0];

const add = prepared<never>(
  'add report',
  'INSERT INTO report (code, round_id, made_at, signed, signature, pdf) VALUES ($1, $2, $3, $4, $5, $6)',
);
export const addReport = async (
  { db }: Context,
  { code, roundId, madeAt, signed, signature, pdf }: KeptReport,
): Promise<void> => void (await add(db, [code, roundId, madeAt, signed, signature, pdf]));
