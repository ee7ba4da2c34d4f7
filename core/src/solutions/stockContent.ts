import { components, type Component } from '../reference/components.ts';
import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { alcoholDensity, alcoholOf, massFraction } from './alcohol.ts';

/** kg of each component. */
export type Masses = Partial<Record<Component, number>>;

/**
 * kg/m³ of a thing as it is measured out, and what a kilogram of it holds (mass fractions, summing
 * to 1).
 */
export interface Content {
  density: number;
  parts: Masses;
}

/** A watery solution of a mass fraction `p`: volumes of the parts add. */
export const wateryDensity = (of: Component, p: number): number =>
  1 / ((1 - p) * components.water.specificVolume + p * components[of].specificVolume);

/** A fraction w/w as w/v (g in mL), for what dissolves in water. */
export const weightToVolume = (of: Component, p: number): number =>
  (p * wateryDensity(of, p)) / 1000;

/** A fraction w/v as w/w: the inverse, solved for a solution whose volumes add. */
export const volumeToWeight = (of: Component, c: number): number => {
  const { water, [of]: solute } = components;
  const grams = c * 1000;
  return (
    (grams * water.specificVolume) / (1 + grams * (water.specificVolume - solute.specificVolume))
  );
};

/**
 * What an ingredient is made of at a strength (fraction in its basis; the usual one where none is
 * given).
 */
export const contentOf = (id: IngredientId, strength?: number): Content => {
  const { strength: stock, parts = { water: 1 }, density = 1000 } = ingredientOf(id);
  if (!stock) return { density, parts };
  const value = strength ?? stock.usual;
  const alcohol = alcoholOf(stock.of);
  if (alcohol) {
    const p = massFraction(alcohol, value);
    return { density: alcoholDensity(alcohol, p), parts: { [alcohol]: p, water: 1 - p } };
  }
  // Glycerol is sold by volume; acids, peroxide and bleach by grams in 100 mL.
  const p = Math.min(
    1,
    stock.basis === 'v/v'
      ? value / (value + (1 - value) * 998.2 * components[stock.of].specificVolume)
      : volumeToWeight(stock.of, value),
  );
  return { density: wateryDensity(stock.of, p), parts: { [stock.of]: p, water: 1 - p } };
};
