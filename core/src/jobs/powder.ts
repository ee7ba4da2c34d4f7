import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { Book } from '../reference/neverCombine.ts';
import { DUSTY, HARD_WATER, LOAD_DOSE, USUAL_LOAD } from '../reference/powders.ts';
import type { ProductId } from '../reference/products.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { meetsAbout } from './meetsAbout.ts';

export interface PowderAsked {
  ingredients: readonly IngredientId[];
  /** kg in all. */
  mass: number;
  /** kg of laundry, and whether its water is hard. */
  load: number;
  hard: boolean;
  /** What else goes into the drawer: all of it runs into the same water. */
  beside: readonly ProductId[];
}

export interface Powder extends Verdict {
  /** kg a load, and loads in all. */
  dose: number;
  loads: number;
  /** So much that a mask is worn. */
  dusty: boolean;
  rows: JobRow[];
}

/** Whether a recipe is a dry mixture: nothing in it but powders. */
export const isDryMixture = (ingredients: readonly IngredientId[]): boolean =>
  ingredients.length > 0 && ingredients.every((id) => ingredientOf(id).role === 'powder');

/**
 * A dry mixture for the wash: how much a load takes, for how many it is enough, whether it dusts,
 * and what it must not be poured beside. Throws a RangeError for a mass or a load that is not over
 * 0. Source: common practice, no source; the book.
 */
export const dryMixture = (asked: PowderAsked, book: Book): Powder => {
  const { ingredients, mass, load, hard, beside } = asked;
  if (!(mass > 0 && load > 0))
    throw new RangeError(`${mass} kg for ${load} kg of laundry: over 0 is allowed`);
  const drawer = ingredients.flatMap((id) => {
    const { groups } = ingredientOf(id);
    return meetsAbout({ groups }, { at: 'machine', keeps: beside, lifts: false }, book);
  });
  const dose = (LOAD_DOSE * load * (hard ? HARD_WATER : 1)) / USUAL_LOAD;
  return {
    ...verdictOf(drawer.slice(0, 1)),
    dose,
    loads: Math.floor(mass / dose + 1e-9),
    dusty: mass >= DUSTY,
    rows: ['powders'],
  };
};
