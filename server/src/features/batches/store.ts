import { In } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { BatchEntity, type BatchRecord } from './tables.ts';

export type { BatchRecord };

/** What is proved of each row: docs/decisions.md says why these columns. */
export const batchProof: View = {
  name: 'batch_proof',
  select: `SELECT id, jsonb_build_array(id, number, stock_id, active, strength, purpose, volume, stock_volume, water_volume, (extract(epoch FROM made_at) * 1000000)::bigint, made_by, (extract(epoch FROM discard_after) * 1000000)::bigint, status, measured, weighed)::text AS text FROM batch`,
};

export const newestBatches = ({ db }: Context, most: number): Promise<BatchRecord[]> =>
  db.getRepository(BatchEntity).find({ order: { number: 'DESC' }, take: most });

export const batchesById = ({ db }: Context, ids: readonly string[]): Promise<BatchRecord[]> =>
  db.findBy(BatchEntity, { id: In([...ids]) });

export const batchById = ({ db }: Context, id: string): Promise<BatchRecord | null> =>
  db.findOneBy(BatchEntity, { id });

/** A batch, held for the rest of the transaction. */
export const holdBatch = ({ db }: Context, id: string): Promise<BatchRecord | null> =>
  db.findOne(BatchEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

/** Writes a batch, and gives it with the number that the database gave it. */
export const addBatch = async (
  { db }: Context,
  row: Omit<BatchRecord, 'number'>,
): Promise<BatchRecord> => {
  await db.insert(BatchEntity, row);
  return { ...row, number: (await db.findOneByOrFail(BatchEntity, { id: row.id })).number! };
};

export const noteCheck = async (
  { db }: Context,
  id: string,
  found: Required<Pick<BatchRecord, 'status' | 'measured'>>,
): Promise<void> => void (await db.update(BatchEntity, { id }, found));

const findFilled = prepared<{ volume: number }>(
  'filled from batch',
  'SELECT coalesce(sum(volume), 0)::float8 AS volume FROM filling WHERE batch_id = $1',
);
/** m³ of a batch that stand in bottles already: each was filled up, as far as the batch went. */
export const filledFrom = async ({ db }: Context, batchId: string): Promise<number> =>
  (await findFilled(db, [batchId]))[0]!.volume;
