import type { Verification } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

const add = prepared<never>(
  'add verification',
  'INSERT INTO verification (at, rows, seconds, broken, breaks, unprotected, head) VALUES ($1, $2, $3, $4, $5, $6, $7)',
);
export const addVerification = async (
  { db }: Context,
  { at, rows, seconds, broken, breaks, unprotected, head }: Verification,
): Promise<void> => {
  const lists = [breaks, unprotected, head].map((one) => JSON.stringify(one));
  await add(db, [new Date(at), rows, seconds, broken, ...lists]);
};

const findLast = prepared<Verification>(
  'last verification',
  `SELECT (extract(epoch FROM at) * 1000)::float8 AS at, rows::float8 AS rows, seconds, broken, breaks, unprotected, head
  FROM verification ORDER BY id DESC LIMIT 1`,
);
export const lastVerification = async ({ db }: Pick<Context, 'db'>): Promise<Verification | null> =>
  (await findLast(db, []))[0] ?? null;

/** Any fixed number: one verifies at a time. */
const VERIFYING = 712_2030;
const tryTurn = prepared<{ taken: boolean }>(
  'turn to verify',
  'SELECT pg_try_advisory_xact_lock($1) AS taken',
);
/** Whether nobody else is verifying; kept for the rest of the transaction. */
export const turnToVerify = async ({ db }: Pick<Context, 'db'>): Promise<boolean> =>
  (await tryTurn(db, [VERIFYING]))[0]!.taken;
