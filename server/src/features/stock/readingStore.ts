import type { StrengthReading } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

const add = prepared<never>(
  'add stock reading',
  'INSERT INTO stock_reading (id, stock_id, at, low, high, error, by) VALUES ($1, $2, $3, $4, $5, $6, $7)',
);
/** Keeps a reading, under the id of its fact. */
export const addReading = async (
  { db }: Context,
  { id, stockId, by }: { id: string; stockId: string; by: string },
  { at, low, high, error }: StrengthReading,
): Promise<void> => void (await add(db, [id, stockId, new Date(at), low, high, error, by]));

const find = prepared<StrengthReading>(
  'stock readings',
  `SELECT (extract(epoch FROM at) * 1000)::float8 AS at, low, high, error FROM stock_reading WHERE stock_id = $1 ORDER BY at, id`,
);
/** What was read of a container, the oldest first. */
export const readingsOf = ({ db }: Context, stockId: string): Promise<StrengthReading[]> =>
  find(db, [stockId]);

const findReceived = prepared<{ at: number }>(
  'stock received',
  'SELECT (extract(epoch FROM received_at) * 1000)::float8 AS at FROM stock WHERE id = $1',
);
/** When a container came in, or when that began to be kept. */
export const receivedAt = async ({ db }: Context, stockId: string): Promise<number> =>
  (await findReceived(db, [stockId]))[0]!.at;
