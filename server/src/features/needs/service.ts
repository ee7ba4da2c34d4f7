import { setImmediate as letGo } from 'node:timers/promises';
import type { Answer, StockRow } from '@zymostat/contract';
import { isGeneric, WEEKS_BACK } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { stocksAtHand, strengthOfStock } from '../stock/service.ts';
import { plannedAmounts } from '../week/plannedAmounts.ts';
import * as store from './store.ts';

const WEEK_MS = 7 * 86_400_000;

/** Its date, or the first day it may be too weak, whichever comes first. */
const usableUntil = async (context: Context, stock: StockRow): Promise<number> => {
  if (!isGeneric(stock.active)) return stock.expiresAt;
  const { crosses } = await strengthOfStock(context, stock.id);
  return Math.min(stock.expiresAt, crosses?.earliest ?? Infinity);
};

/** What the last four weeks took of the shelf and of people's time. */
export const stockUse = async (context: Context): Promise<Answer<'stockUse'>> => {
  const now = context.now();
  const since = now - WEEKS_BACK * WEEK_MS;
  const [poured, visits, stocks, planned] = await Promise.all([
    store.pouredSince(context, new Date(since)),
    store.visitsSince(context, new Date(since)),
    stocksAtHand(context),
    plannedAmounts(context),
  ]);
  const shelf: Answer<'stockUse'>['shelf'] = [];
  for (const stock of stocks.filter(({ gone }) => gone === null)) {
    shelf.push({ stockId: stock.id, usableUntil: await usableUntil(context, stock) });
    // A forecast takes a millisecond or two: between them others are answered.
    await letGo();
  }
  return { since, now, poured, shelf, planned, visits };
};
