import type { StockState } from '@zymostat/core';
import type { StockRow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { StockEntity, type StockContainer } from './tables.ts';

export type { StockContainer };

/** All stock as one JSON list. */
export const stockView: View = {
  name: 'stock_at_hand',
  select: `SELECT coalesce(json_agg(json_build_object('id', id, 'code', code, 'name', name, 'active', active, 'strength', strength, 'volume', volume,
    'expiresAt', (extract(epoch FROM expires_at) * 1000)::bigint, 'pricePerLitre', price_per_litre, 'label', label, 'revision', revision, 'left', "left",
    'openedAt', (extract(epoch FROM opened_at) * 1000)::bigint, 'goneAt', (extract(epoch FROM gone_at) * 1000)::bigint, 'gone', gone, 'lot', lot, 'supplier', supplier, 'storage', storage) ORDER BY code), '[]') AS stocks FROM stock`,
};

const findStocks = prepared<{ stocks: StockRow[] }>('stocks', 'SELECT stocks FROM stock_at_hand');
export const stocksAtHand = async ({ db }: Context): Promise<StockRow[]> =>
  (await findStocks(db, []))[0]!.stocks;

const asStock = ({
  expiresAt,
  label,
  revision = 0,
  openedAt,
  goneAt,
  gone = null,
  lot = null,
  supplier = null,
  storage = null,
  receivedAt: _,
  ...rest
}: StockContainer): StockRow => ({
  ...rest,
  revision,
  expiresAt: expiresAt.getTime(),
  openedAt: openedAt?.getTime() ?? null,
  goneAt: goneAt?.getTime() ?? null,
  gone,
  lot,
  supplier,
  storage,
  label: label
    ? { ...label, dilution: label.dilution ?? null, registration: label.registration ?? null }
    : null,
});

export const stockById = async ({ db }: Context, id: string): Promise<StockRow | null> => {
  const stock = await db.getRepository(StockEntity).findOneBy({ id });
  return stock && asStock(stock);
};

export const countOfProducts = ({ db }: Context): Promise<number> =>
  db.countBy(StockEntity, { active: 'registered product' });

export const addStock = async ({ db }: Context, container: StockContainer): Promise<void> =>
  void (await db.insert(StockEntity, container as never));

/** A container, held for the rest of the transaction. */
export const holdStock = ({ db }: Context, id: string): Promise<StockContainer | null> =>
  db.findOne(StockEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

/** Keeps how a container stands. */
export const keepState = async (
  { db }: Context,
  id: string,
  { left, openedAt, goneAt, gone }: StockState,
): Promise<void> => {
  const dateOf = (ms: number | null) => (ms === null ? null : new Date(ms));
  const fields = { left, openedAt: dateOf(openedAt), goneAt: dateOf(goneAt), gone };
  await db.getRepository(StockEntity).update({ id }, fields);
};

const findLast = prepared<{ last: number }>(
  'last stock',
  `SELECT coalesce(max(substring(code FROM '^S-(\\d+)$')::int), 0) AS last FROM stock`,
);
/** Keeps what else is known of a container. */
export const keepKnown = async (
  { db }: Context,
  id: string,
  known: Partial<Pick<StockContainer, 'storage' | 'expiresAt'>>,
): Promise<void> => void (await db.getRepository(StockEntity).update({ id }, known));

/** The number of the container that was received last. */
export const lastNumber = async ({ db }: Context): Promise<number> =>
  (await findLast(db, []))[0]!.last;

/** A registered product, held for the rest of the transaction. */
export const holdProduct = ({ db }: Context, id: string): Promise<StockContainer | null> =>
  db.findOne(StockEntity, {
    where: { id, active: 'registered product' },
    lock: { mode: 'pessimistic_write' },
  });

export const changeProduct = async (
  { db }: Context,
  id: string,
  fields: Partial<StockContainer>,
): Promise<void> => void (await db.getRepository(StockEntity).update({ id }, fields as never));
