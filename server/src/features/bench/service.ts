import {
  type BatchFacts,
  type BatchRow,
  type Body,
  type CheckReading,
  type PourBatch,
  type StockRow,
} from '@zymostat/contract';
import {
  activeFacts,
  dilute,
  groupsOf,
  isGeneric,
  judgeBatchTarget,
  judgeCheck,
  shelfLife,
  strengthOfWeighed,
  verdictOf,
  type Reason,
} from '@zymostat/core';
import { percent } from '@zymostat/words';
import { In } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { wordsIn } from '../../http/language.ts';
import { problems } from '../../http/problems.ts';
import { filledFrom } from '../bottles/filledFrom.ts';
import { theBook } from '../keepApart/book.ts';
import { personNames, theCompany, type Person } from '../people/service.ts';
import { append, appendAlone } from '../records/service.ts';
import { BatchEntity, StockEntity, type BatchRecord, type StockContainer } from './entities.ts';

export const batchCode = (number: string | number): string =>
  `B-${String(number).padStart(4, '0')}`;

const asStock = ({ expiresAt, label, ...rest }: StockContainer): StockRow => ({
  ...rest,
  expiresAt: expiresAt.getTime(),
  label: label
    ? { ...label, dilution: label.dilution ?? null, registration: label.registration ?? null }
    : null,
});

/** All stock as one JSON list, for queries that need it beside something else. */
export const STOCKS = `SELECT coalesce(json_agg(json_build_object('id', id, 'code', code, 'name', name, 'active', active, 'strength', strength, 'volume', volume,
  'expiresAt', (extract(epoch FROM expires_at) * 1000)::bigint, 'pricePerLitre', price_per_litre, 'label', label) ORDER BY code), '[]') FROM stock`;

const findStocks = prepared<{ stocks: StockRow[] }>('stocks', `SELECT (${STOCKS}) AS stocks`);

export const stocksAtHand = async ({ db }: Context): Promise<StockRow[]> =>
  (await findStocks(db, []))[0]!.stocks;

export const stockById = async ({ db }: Context, id: string): Promise<StockRow | null> => {
  const stock = await db.getRepository(StockEntity).findOneBy({ id });
  return stock && asStock(stock);
};

const factsOf = (row: BatchRecord, stockCode: string, madeBy: string): BatchFacts => {
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
const asBatch = (
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
    context.db.getRepository(BatchEntity).find({ order: { number: 'DESC' }, take: BATCHES_SHOWN }),
    stocksAtHand(context),
    personNames(context),
  ]);
  const stockOf = new Map(stocks.map((stock) => [stock.id, stock]));
  return rows.map((row) => asBatch(row, stockOf.get(row.stockId), names.get(row.madeBy) ?? ''));
};

/** Batches that a round speaks of, with the code on their label. */
export const batchesById = async (context: Context, ids: string[]): Promise<BatchRow[]> => {
  const rows = await context.db.findBy(BatchEntity, { id: In(ids) });
  const stocks = await stocksAtHand(context);
  const stockOf = new Map(stocks.map((stock) => [stock.id, stock]));
  return rows.map((row) => asBatch(row, stockOf.get(row.stockId), ''));
};

/** How far a batch by weight may be from what was meant, relative. Source: house rule. */
const WEIGHED_TOLERANCE = 0.01;

/** What was really poured: by weight where it was weighed, else what was to be. Volumes m³. */
const really = (
  stock: StockRow,
  { strength, volume, weighed }: PourBatch,
): {
  strength: number;
  pour: { stock: number; water: number; total: number };
  reasons: Reason[];
} => {
  if (!weighed || !isGeneric(stock.active)) {
    const {
      stock: from,
      water,
      total,
    } = strength <= stock.strength
      ? dilute(stock.active, stock.strength, strength, volume)
      : { stock: volume, water: 0, total: volume };
    return { strength, pour: { stock: from, water, total }, reasons: [] };
  }
  const made = strengthOfWeighed(stock.active, stock.strength, weighed.stock, weighed.water);
  const alone = strengthOfWeighed(stock.active, stock.strength, weighed.stock, 0);
  const off: Reason[] =
    Math.abs(made.strength - strength) > WEIGHED_TOLERANCE * strength
      ? [
          {
            code: 'weighed-off',
            outcome: 'never',
            figures: { strength: made.strength, wanted: strength, active: stock.active },
            source: 'the scale',
          },
        ]
      : [];
  return {
    strength: made.strength,
    pour: { stock: alone.volume, water: weighed.water / 998.2, total: made.volume },
    reasons: off,
  };
};

/** Writes a batch to the bench and to the ledger. */
const recordBatch = async (
  inside: Context,
  stock: StockRow,
  row: Omit<BatchRecord, 'number'>,
  person: Person,
): Promise<BatchRow> => {
  await inside.db.insert(BatchEntity, row);
  const { number } = await inside.db.findOneByOrFail(BatchEntity, { id: row.id });
  const made = { ...row, number };
  await append(inside, {
    kind: 'batch',
    factId: row.id,
    at: row.madeAt.getTime(),
    home: null,
    person,
    body: factsOf(made, stock.code, person.name),
  });
  return asBatch(made, stock, person.name);
};

/**
 * Records a batch as poured, or refuses what may not be mixed; the refusal goes to the ledger too.
 */
export const pourBatch = async (
  context: Context,
  asked: PourBatch,
  person: Person,
): Promise<BatchRow> => {
  const { newId } = context;
  const now = context.now();
  const { stockId, purpose, weighed } = asked;
  const [stock, { houseRules }, book] = await Promise.all([
    stockById(context, stockId),
    theCompany(context),
    theBook(context),
  ]);
  if (!stock) throw problems.notFound('stock');
  const { strength, pour, reasons: off } = really(stock, asked);
  const judged = judgeBatchTarget(stock, strength, purpose, { rules: houseRules, now, book });
  const { outcome, reasons } = verdictOf([...judged.reasons, ...off]);
  if (outcome === 'never') {
    const detail = `${stock.code}, ${percent(wordsIn('en'), strength)}, ${purpose}`;
    const body = { what: 'batch' as const, detail, reasons };
    const fact = { kind: 'refusal' as const, factId: newId(), at: now, home: null, person, body };
    await appendAlone(context, fact);
    throw problems.refused(reasons);
  }
  const keeping = shelfLife(activeFacts[stock.active].family, strength, pour.water > 0);
  const row = {
    id: newId(),
    stockId,
    active: stock.active,
    strength,
    purpose,
    volume: pour.total,
    stockVolume: pour.stock,
    waterVolume: pour.water,
    madeAt: new Date(now),
    madeBy: person.id,
    // A bottle never outlives the stock it was filled from.
    discardAfter: new Date(Math.min(now + keeping.seconds * 1000, stock.expiresAt)),
    weighed: weighed ?? null,
  };
  return within(context, (inside) => recordBatch(inside, stock, row, person));
};

export const batchById = async (context: Context, id: string): Promise<BatchRow> => {
  const row = await context.db.findOneBy(BatchEntity, { id });
  if (!row) throw problems.notFound('batch');
  const stock = await stockById(context, row.stockId);
  const names = await personNames(context);
  return asBatch(row, stock, names.get(row.madeBy) ?? '');
};

/**
 * Checks a finished batch: in strength it is verified, out of strength it is set aside for good. A
 * reading that cannot be of such a batch changes nothing.
 */
export const checkBatch = async (
  context: Context,
  id: string,
  reading: CheckReading,
  person: Person,
): Promise<BatchRow> => {
  const { now, newId } = context;
  const { houseRules } = await theCompany(context);
  await within(context, async (inside) => {
    const row = await inside.db.findOne(BatchEntity, {
      where: { id },
      lock: { mode: 'pessimistic_write' },
    });
    if (!row) throw problems.notFound('batch');
    // What stands in bottles is as weak as it was: a batch is put right whole, or not at all.
    if (row.status === 'set-aside' && (await filledFrom(inside, id)) > 0) {
      throw problems.conflict('filled-before');
    }
    const result = judgeCheck(row.active, row.strength, reading, houseRules);
    if (!result.ok) throw problems.conflict(result.why);
    const { inStrength, measured, uncertainty, why } = result;
    await inside.db.update(
      BatchEntity,
      { id },
      { status: inStrength ? 'verified' : 'set-aside', measured },
    );
    const body = {
      batchId: id,
      batchCode: batchCode(row.number!),
      active: row.active,
      meant: row.strength,
      measured,
      uncertainty,
      reading,
      inStrength,
      why,
    };
    await append(inside, { kind: 'check', factId: newId(), at: now(), home: null, person, body });
  });
  return batchById(context, id);
};

const productCode = (n: number): string => `P-${String(n).padStart(4, '0')}`;

/** Enters a registered product: it is used as sold, and may do what its label grants. */
export const addProduct = async (
  context: Context,
  fields: Body<'addProduct'>,
): Promise<StockRow> => {
  const id = context.newId();
  await within(context, async (inside) => {
    // Numbered by how many there are; the code is unique, so two at once cannot both have it.
    const count = await inside.db.countBy(StockEntity, { active: 'registered product' });
    const { expiresAt, ...rest } = fields;
    await inside.db.insert(StockEntity, {
      id,
      code: productCode(count + 1),
      active: 'registered product',
      strength: 1,
      ...rest,
      expiresAt: new Date(expiresAt),
    } as never);
  });
  return (await stockById(context, id))!;
};

/**
 * Changes what was entered of a label. What was approved by the old one is flagged where it no
 * longer holds.
 */
export const editProduct = async (
  context: Context,
  id: string,
  { expiresAt, ...rest }: Body<'editProduct'>,
): Promise<StockRow> => {
  const { affected } = await context.db.getRepository(StockEntity).update(
    { id, active: 'registered product' },
    {
      ...rest,
      expiresAt: new Date(expiresAt),
    },
  );
  if (!affected) throw problems.notFound('product');
  return (await stockById(context, id))!;
};
