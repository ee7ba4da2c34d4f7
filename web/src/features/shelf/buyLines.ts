import type { StockRow, StockUse } from '@zymostat/contract';
import { litresOf, needOf, usePerDay, type Need } from '@zymostat/core';
import { dateFieldOf } from '../../ui/times.ts';
import { kindsOf, type Kind } from './kinds.ts';

/** What is needed of one kind. */
export interface Line {
  kind: Kind;
  need: Need;
}
export type Days = { leadDays: number; coverDays: number };

const DAY_MS = 86_400_000;
const WEEK = 7;

/** What visits of the coming seven days need of a kind, a day, m³. */
const plannedPerDay = ({ ids }: Kind, { planned, now }: StockUse): number => {
  const [from, to] = [dateFieldOf(now), dateFieldOf(now + WEEK * DAY_MS)];
  const own = planned.filter(({ stockId, day }) => ids.has(stockId) && day >= from && day < to);
  return own.reduce((sum, { stockVolume }) => sum + stockVolume, 0) / WEEK;
};

/** What is needed of each kind, what is used most first. */
export const linesOf = (stocks: readonly StockRow[], use: StockUse, days: Days): Line[] => {
  const until = new Map(use.shelf.map(({ stockId, usableUntil }) => [stockId, usableUntil]));
  return kindsOf(stocks, use).map((kind) => {
    const shelf = kind.stocks.map(({ id, left, expiresAt }) => ({
      id,
      left,
      usableUntil: until.get(id) ?? expiresAt,
    }));
    const taken = kind.poured.map(({ at, stockVolume }) => ({ at, volume: stockVolume }));
    const perDay = Math.max(usePerDay(taken, use.now), plannedPerDay(kind, use));
    return { kind, need: needOf(shelf, perDay, { ...days, pack: kind.pack }, use.now) };
  });
};

/** What the packs cost; nothing where no price is known. */
export const priceOf = ({ kind: { pack, pricePerLitre }, need: { packs } }: Line): number | null =>
  pricePerLitre === null ? null : packs * litresOf(pack) * pricePerLitre;
