import type { StockRow } from '@zymostat/contract';
import { useStockQuery } from './api.ts';

/** What stands on the shelf: what is poured from, and put into caddies. */
export const useShelf = (): StockRow[] | undefined =>
  useStockQuery(undefined, {
    selectFromResult: ({ data }) => ({ data: data && onShelf(data) }),
  }).data;

const kept = new WeakMap<StockRow[], StockRow[]>();
/** Those that have not left the shelf: the same list as long as the stock is the same. */
const onShelf = (stocks: StockRow[]): StockRow[] => {
  const known = kept.get(stocks);
  if (known) return known;
  const there = stocks.filter(({ gone }) => gone === null);
  kept.set(stocks, there);
  return there;
};
