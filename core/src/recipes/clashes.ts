import { judgeCombination, type Bite, type Product } from '../apart/judgeCombination.ts';
import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { severities, type Book } from '../reference/neverCombine.ts';

/** Two ingredients of a recipe, by the rule that speaks against them in one bottle. */
export interface Clash extends Bite {
  a: IngredientId;
  b: IngredientId;
}

/** An ingredient as it is poured: its strength (fraction) counts where it is peroxide. */
export interface PouredIn {
  ingredient: IngredientId;
  strength?: number;
  /** Only its name was read: it may be as strong as it comes. */
  onlyNamed?: true;
}

/**
 * Percarbonate is about as strong as household peroxide once it is in water. Source: common
 * practice, no source.
 */
const IN_WATER = 0.03;

/** An ingredient as something that can meet another. */
export const productOfIngredient = ({ ingredient, strength, onlyNamed }: PouredIn): Product => {
  const { groups, strength: stock, role } = ingredientOf(ingredient);
  if (!groups.includes('peroxide') || onlyNamed) return { groups };
  return { groups, strength: role === 'powder' ? IN_WATER : (strength ?? stock?.usual) };
};

const isStronger = (one: PouredIn, other: PouredIn): boolean =>
  !other.onlyNamed && (one.onlyNamed === true || (one.strength ?? 1) > (other.strength ?? 1));

/** The strongest of each: what is poured twice is judged by what it can do at its worst. */
const strongestOf = (all: readonly PouredIn[]): PouredIn[] => {
  const known = new Map<IngredientId, PouredIn>();
  for (const one of all) {
    const before = known.get(one.ingredient);
    if (!before || isStronger(one, before)) known.set(one.ingredient, one);
  }
  return [...known.values()];
};

/**
 * Every pair in a bottle that the book speaks against, the worst first. An open bowl is not trusted
 * to stay open.
 */
export const clashesAmong = (poured: readonly PouredIn[], book: Book): Clash[] => {
  const all = strongestOf(poured);
  return all
    .flatMap((a, i) =>
      all
        .slice(i + 1)
        .flatMap((b) =>
          judgeCombination(
            productOfIngredient(a),
            productOfIngredient(b),
            { route: 'vessel' },
            book,
          ).bites.map((bite): Clash => ({ ...bite, a: a.ingredient, b: b.ingredient })),
        ),
    )
    .sort((x, y) => severities.indexOf(y.severity) - severities.indexOf(x.severity));
};
