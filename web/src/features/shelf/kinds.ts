import type { StockRow, StockUse } from '@zymostat/contract';
import { sameSolution, type Active } from '@zymostat/core';

/** All containers of the same, as one buys them, and what was poured of them. */
export interface Kind {
  key: string;
  name: string;
  active: Active;
  strength: number;
  stocks: StockRow[];
  /** Its containers, those that are gone too. */
  ids: ReadonlySet<string>;
  poured: StockUse['poured'];
  /** What the newest holds and costs: that is how it is bought. */
  pack: number;
  pricePerLitre: number | null;
}

const keyOf = ({ active, strength, name, label }: StockRow): string =>
  label ? name : `${active} ${strength}`;

/** The kinds that are there or were poured lately, what is used most first. */
export const kindsOf = (stocks: readonly StockRow[], { poured, planned }: StockUse): Kind[] => {
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
      ids,
      stocks: own.filter(({ gone }) => gone === null),
      poured: poured.filter(({ stockId }) => ids.has(stockId)),
      pack: newest.volume,
      pricePerLitre: newest.pricePerLitre,
    };
  });
  const used = ({ poured: of }: Kind) => of.reduce((sum, { stockVolume }) => sum + stockVolume, 0);
  return kinds
    .filter(
      ({ stocks: there, poured: was, ids }) =>
        there.length > 0 || was.length > 0 || planned.some(({ stockId }) => ids.has(stockId)),
    )
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
  const solutions: Solution[] = [];
  for (const one of poured) {
    const known = solutions.find((other) => sameSolution(one, other));
    if (known) known.poured.push(one);
    else solutions.push({ key: one.stockId + one.at, ...one, poured: [one] });
  }
  return solutions;
};
