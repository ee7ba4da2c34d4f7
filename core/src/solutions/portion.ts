import type { IngredientId } from '../reference/ingredients.ts';
import type { Tool } from '../reference/tools.ts';
import { addMasses, massOf } from './composition.ts';
import type { Masses } from './stockContent.ts';

/** One ingredient of a recipe as it is measured out: m³ and kg. */
export interface Portion {
  row: number;
  text: string;
  ingredient: IngredientId;
  /** Fraction in the ingredient's basis, and whether it was only assumed. */
  strength?: number;
  assumed: boolean;
  volume: number;
  mass: number;
  /** kg of each component in it. */
  masses: Masses;
  tool: Tool;
}

/** kg of each component over all portions. */
export const poured = (portions: readonly Portion[]): Masses =>
  portions.reduce<Masses>((sum, { masses }) => addMasses(sum, masses), {});
export const pouredMass = (portions: readonly Portion[]): number => massOf(poured(portions));
