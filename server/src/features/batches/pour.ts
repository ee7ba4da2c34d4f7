import type { BatchRow, PourBatch, StockRow } from '@zymostat/contract';
import {
  activeFacts,
  dilute,
  isGeneric,
  judgeBatchTarget,
  shelfLife,
  strengthOfWeighed,
  verdictOf,
  type Reason,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theBook } from '../book/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { append, appendRefusal, turnToAppend } from '../records/service.ts';
import { draw, stockById } from '../stock/service.ts';
import { asBatch, factsOf } from './service.ts';
import * as store from './store.ts';
import type { BatchRecord } from './store.ts';

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
  // In one order everywhere: the turn first, then the container.
  await turnToAppend(inside);
  await draw(inside, { stockId: stock.id, volume: row.stockVolume, at: row.madeAt.getTime() });
  const made = await store.addBatch(inside, row);
  // Whoever wrote the fact made it: the ledger holds no names.
  const { madeBy: _, ...facts } = factsOf(made, stock.code, person.name);
  await append(inside, {
    kind: 'batch',
    factId: row.id,
    at: row.madeAt.getTime(),
    home: null,
    person,
    row: { table: 'batch', id: row.id },
    body: facts,
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
    const { code: stockCode, active } = stock;
    const refused = { is: 'pour' as const, stockCode, active, strength, purpose };
    await appendRefusal(context, { what: 'batch', refused, reasons }, { home: null, person });
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
