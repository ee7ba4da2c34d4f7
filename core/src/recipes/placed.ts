import { ingredientOf } from '../reference/ingredients.ts';
import { type Tool } from '../reference/tools.ts';
import { addMasses, mixtureVolume } from '../solutions/composition.ts';
import type { Portion } from '../solutions/portion.ts';
import { contentOf, type Content, type Masses } from '../solutions/stockContent.ts';
import { litres } from '../units/volume.ts';
import type { Item } from './line.ts';

/** Taken where a recipe in parts or shares does not say how much is made. */
export const USUAL_BOTTLE = litres(0.5);

export interface Placed {
  row: number;
  text: string;
  item: Item;
}

export const contentOfItem = ({ ingredient, strength }: Item): Content =>
  contentOf(ingredient, strength);

export const byVolume = ({ row, text, item }: Placed, volume: number, tool: Tool): Portion => {
  const content = contentOfItem(item);
  const { strength } = ingredientOf(item.ingredient);
  const mass = volume * content.density;
  const masses = Object.fromEntries(
    Object.entries(content.parts).map(([name, part]) => [name, part * mass]),
  );
  return {
    row,
    text,
    ingredient: item.ingredient,
    volume,
    mass,
    masses: masses,
    tool,
    ...(strength ? { strength: item.strength ?? strength.usual } : {}),
    assumed: strength !== undefined && item.strength === undefined,
  };
};

export const volumeOf = (portions: readonly Portion[]): number =>
  mixtureVolume(portions.reduce<Masses>((sum, { masses }) => addMasses(sum, masses), {}));
