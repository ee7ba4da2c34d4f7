import type { BatchFacts, BatchRow, StockRow } from '@zymostat/contract';
import { groupsOf } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { personNames } from '../people/service.ts';
import { stockById, stocksAtHand } from '../stock/service.ts';
import * as store from './store.ts';
import type { BatchRecord } from './store.ts';

export { filledFrom } from './store.ts';

export const batchCode = (number: string | number): string =>
  `B-${String(number).padStart(4, '0')}`;

/** What a batch was when it was poured; the ledger holds the same. */
export const factsOf = (row: BatchRecord, stockCode: string, madeBy: string): BatchFacts => {
  const {
    id,
    stockId,
    active,
    strength,
    purpose,
    volume,
    stockVolume,
    waterVolume,
    madeAt,
    discardAfter,
    weighed,
  } = row;
  return {
    id,
    code: batchCode(row.number!),
    stockId,
    stockCode,
    active,
    strength,
    purpose,
    volume,
    stockVolume,
    waterVolume,
    madeAt: madeAt.getTime(),
    madeBy,
    discardAfter: discardAfter.getTime(),
    ...(weighed ? { weighed } : {}),
  };
};

/** A batch with what became of it; its groups are its stock's. */
export const asBatch = (
  row: BatchRecord,
  stock: StockRow | null | undefined,
  madeBy: string,
): BatchRow => ({
  ...factsOf(row, stock?.code ?? '', madeBy),
  status: row.status ?? 'unchecked',
  measured: row.measured ?? null,
  groups: [...groupsOf(stock ?? { active: row.active })],
});

const BATCHES_SHOWN = 60;

export const newestBatches = async (context: Context): Promise<BatchRow[]> => {
  const [rows, stocks, names] = await Promise.all([
    store.newestBatches(context, BATCHES_SHOWN),
    stocksAtHand(context),
    personNames(context),
  ]);
  const stockOf = new Map(stocks.map((stock) => [stock.id, stock]));
  return rows.map((row) => asBatch(row, stockOf.get(row.stockId), names.get(row.madeBy) ?? ''));
};

/** Batches that a round speaks of, with the code on their label. */
export const batchesById = async (context: Context, ids: string[]): Promise<BatchRow[]> => {
  if (ids.length === 0) return [];
  const rows = await store.batchesById(context, ids);
  const stocks = await stocksAtHand(context);
  const stockOf = new Map(stocks.map((stock) => [stock.id, stock]));
  return rows.map((row) => asBatch(row, stockOf.get(row.stockId), ''));
};

export const batchById = async (context: Context, id: string): Promise<BatchRow> => {
  const row = await store.batchById(context, id);
  if (!row) throw problems.notFound('batch');
  const stock = await stockById(context, row.stockId);
  const names = await personNames(context);
  return asBatch(row, stock, names.get(row.madeBy) ?? '');
};
