import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import type { Portion } from './portion.ts';

/**
 * A price a litre (of a stock as it stands) for a component at a strength; money in the company's
 * currency.
 */
export interface Price {
  /**
   * What the stock is strong in, and how strong (fraction); an ingredient's own id where it is not
   * a stock.
   */
  of: string;
  strength: number;
  perLitre: number;
}

export interface Cost {
  total: number;
  perLitre: number;
  /** Ingredients that nobody has priced; water costs nothing. */
  unpriced: IngredientId[];
}

const priceOf = (portion: Portion, prices: readonly Price[]): number | undefined => {
  const { strength, role } = ingredientOf(portion.ingredient);
  if (role === 'water') return 0;
  const fitting = prices.filter((price) => price.of === (strength?.of ?? portion.ingredient));
  // A stock of the same strength first; else the cheapest, by what it holds of the active.
  const exact = fitting.find(
    (price) => Math.abs(price.strength - (portion.strength ?? price.strength)) < 1e-6,
  );
  if (exact) return exact.perLitre;
  const byActive = fitting.map(
    (price) => (price.perLitre / price.strength) * (portion.strength ?? price.strength),
  );
  return byActive.length > 0 ? Math.min(...byActive) : undefined;
};

/**
 * What a recipe costs from stock prices: in all and per litre of what stands in the bottle
 * (`volume` m³).
 */
export const costOf = (
  portions: readonly Portion[],
  volume: number,
  prices: readonly Price[],
): Cost => {
  const priced = portions.map((portion) => ({ portion, price: priceOf(portion, prices) }));
  const total = priced.reduce(
    (sum, { portion, price }) => sum + (price ?? 0) * portion.volume * 1000,
    0,
  );
  const unpriced = [
    ...new Set(
      priced.flatMap(({ portion, price }) => (price === undefined ? [portion.ingredient] : [])),
    ),
  ];
  return { total, perLitre: total / (volume * 1000), unpriced };
};
