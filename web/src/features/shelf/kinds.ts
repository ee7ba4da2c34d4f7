import type { StockRow, StockUse } from '@zymostat/contract';
import type { Active } from '@zymostat/core';

/** All containers of the same, as one buys them, and what was poured of them. */
export interface Kind {
  key: string;
  name: string;
  active: Active;
  strength: number;
  stocks: StockRow[];
  poured: StockUse['poured'];
  /** What the newest holds and costs: that is how it is bought. */
  pack: number;
  pricePerLitre: number | null;
}

const keyOf = ({ active, strength, name, label }: StockRow): string =>
  label ? name : `${active} ${strength}`;

/** The kinds that are there or were poured lately, what is used most first. */
export const kindsOf = (stocks: readonly StockRow[], { poured }: StockUse): Kind[] => {
  const byKey = new Map<string, StockRow[]>();
  for (const stock of stocks) byKey.set(keyOf(stock), [...(byKey.get(keyOf(stock)) ?? []), stock]);
  const kinds = [...byKey].map(([key, own]) => {
    const ids = new Set(own.map(({ id }) => id));
    const newest = own.toSorted((a, b) => b.code.localeCompare(a.code))[0]!;
    return {
      key,
      name: newest.name,
      active: newest.active,
      strength: newest.strength,
      stocks: own.filter(({ gone }) => gone === null),
      poured: poured.filter(({ stockId }) => ids.has(stockId)),
      pack: newest.volume,
      pricePerLitre: newest.pricePerLitre,
    };
  });
  const used = ({ poured: of }: Kind) => of.reduce((sum, { stockVolume }) => sum + stockVolume, 0);
  return kinds
    .filter((kind) => kind.stocks.length > 0 || kind.poured.length > 0)
    .sort((a, b) => used(b) - used(a));
};

export interface Solution {
  key: string;
  active: Active;
  strength: number;
  poured: StockUse['poured'];
}

/** What was mixed lately, by what is in it and how strong. */
export const solutionsOf = ({ poured }: StockUse): Solution[] => {
  const byKey = new Map<string, StockUse['poured']>();
  for (const one of poured) {
    const key = `${one.active} ${one.strength.toFixed(4)}`;
    byKey.set(key, [...(byKey.get(key) ?? []), one]);
  }
  return [...byKey].map(([key, own]) => ({
    key,
    active: own[0]!.active,
    strength: own[0]!.strength,
    poured: own,
  }));
};
