import { percent, type BatchRow, type PourBatch, type StockRow } from '@zymostat/contract';
import { activeFacts, dilute, judgeBatchTarget, shelfLife } from '@zymostat/core';
import { In } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { personNames, theCompany, type Person } from '../people/service.ts';
import { append, appendAlone } from '../records/service.ts';
import { BatchEntity, StockEntity, type BatchRecord, type StockContainer } from './entities.ts';

export const batchCode = (number: string | number): string => `B-${String(number).padStart(4, '0')}`;

const asStock = ({ expiresAt, ...rest }: StockContainer): StockRow => ({ ...rest, expiresAt: expiresAt.getTime() });

export const stocksAtHand = async ({ db }: Context): Promise<StockRow[]> => (await db.getRepository(StockEntity).find({ order: { code: 'ASC' } })).map(asStock);

export const stockById = async ({ db }: Context, id: string): Promise<StockRow | null> => {
  const stock = await db.getRepository(StockEntity).findOneBy({ id });
  return stock && asStock(stock);
};

const asBatch = (row: BatchRecord, stockCode: string, madeBy: string): BatchRow => {
  const { id, stockId, active, strength, purpose, volume, stockVolume, waterVolume, madeAt, discardAfter } = row;
  return {
    id, code: batchCode(row.number!), stockId, stockCode, active, strength, purpose, volume, stockVolume, waterVolume,
    madeAt: madeAt.getTime(), madeBy, discardAfter: discardAfter.getTime(),
  };
};

const BATCHES_SHOWN = 60;

export const newestBatches = async (context: Context): Promise<BatchRow[]> => {
  const [rows, stocks, names] = await Promise.all([
    context.db.getRepository(BatchEntity).find({ order: { number: 'DESC' }, take: BATCHES_SHOWN }), stocksAtHand(context), personNames(context),
  ]);
  const codes = new Map(stocks.map(({ id, code }) => [id, code]));
  return rows.map((row) => asBatch(row, codes.get(row.stockId) ?? '', names.get(row.madeBy) ?? ''));
};

/** Batches that a round speaks of, with the code on their label. */
export const batchesById = async ({ db }: Context, ids: string[]): Promise<(BatchRecord & { code: string })[]> =>
  (await db.findBy(BatchEntity, { id: In(ids) })).map((row) => ({ ...row, code: batchCode(row.number!) }));

/** Records a batch as poured, or refuses what may not be mixed; the refusal goes to the ledger too. */
export const pourBatch = async (context: Context, { stockId, strength, purpose, volume }: PourBatch, person: Person): Promise<BatchRow> => {
  const { now, newId } = context;
  const [stock, { houseRules }] = await Promise.all([stockById(context, stockId), theCompany(context)]);
  if (!stock) throw problems.notFound('that stock');
  const verdict = judgeBatchTarget(stock, strength, purpose, houseRules, now());
  if (verdict.outcome === 'never') {
    const detail = `${stock.code} to ${percent(strength)}, to ${purpose}`;
    await appendAlone(context, { kind: 'refusal', factId: newId(), at: now(), home: null, person, body: { what: 'batch', detail, reasons: verdict.reasons } });
    throw problems.refused(verdict.reasons);
  }
  const pour = dilute(stock.active, stock.strength, strength, volume);
  const keeping = shelfLife(activeFacts[stock.active].family, strength, pour.water > 0);
  // A bottle never outlives the stock it was filled from.
  const discardAfter = new Date(Math.min(now() + keeping.seconds * 1000, stock.expiresAt));
  return within(context, async (inside) => {
    const row: BatchRecord = {
      id: newId(), stockId, active: stock.active, strength, purpose, volume, stockVolume: pour.stock, waterVolume: pour.water,
      madeAt: new Date(now()), madeBy: person.id, discardAfter,
    };
    await inside.db.insert(BatchEntity, row as never);
    const { number } = await inside.db.findOneByOrFail(BatchEntity, { id: row.id });
    const batch = asBatch({ ...row, number }, stock.code, person.name);
    await append(inside, { kind: 'batch', factId: batch.id, at: batch.madeAt, home: null, person, body: batch });
    return batch;
  });
};
