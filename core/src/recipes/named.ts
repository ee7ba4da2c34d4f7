import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { type Found } from './quantity.ts';
import { firstOf } from './grammar.ts';
import type { Token } from './token.ts';

/** An ingredient as it is named, and every one that the name may mean. */
export interface Named {
  at: number;
  /** A fruit may only say what something smells of. */
  fruit?: true;
  either: readonly { id: IngredientId; strength?: number }[];
}

/** Warmth from which water counts as hot, °C. Source: labels. */
const HOT = 40;

const isScent = ({ either, fruit }: Named): boolean =>
  fruit === true || (either.length === 1 && ingredientOf(either[0]!.id).role === 'scent');

/**
 * "Lavender castile soap" is soap: a scent right before another thing only says what it smells of.
 */
export const withoutScents = (named: readonly Named[], tokens: readonly Token[]): Named[] =>
  named.filter((one, i) => {
    const next = named[i + 1];
    if (!next || !isScent(one) || isScent(next)) return true;
    return tokens.some(
      (token) =>
        token.at > one.at && token.at < next.at && token.kind !== 'plain' && token.kind !== 'dash',
    );
  });

export const namedIn = (tokens: readonly Token[]): Named[] =>
  tokens.flatMap((token): Named[] => {
    if (token.kind === 'ingredient') return [{ at: token.at, either: token.either }];
    if (token.kind !== 'piece') return [];
    const { ingredient, volume } = token.piece;
    return [
      {
        at: token.at,
        either: [{ id: ingredient }],
        ...(volume === undefined ? {} : { fruit: true }),
      },
    ];
  });

/** Drops of "lemon" are of its oil more likely than of its juice. */
const oilOf: Partial<Record<IngredientId, IngredientId>> = {
  'lemon juice': 'lemon oil',
  'orange juice': 'orange oil',
  'lime juice': 'lemon oil',
};

/** One ingredient of several that the words may mean, each with the amount. */
export const eitherOf = (named: readonly Named[]): Named => ({
  at: named[0]!.at,
  either: named.flatMap(({ either }) => either),
});

export const dropsOfFruit = (one: Named, found: Found | undefined, isPiece: boolean): Named => {
  const oil = oilOf[one.either[0]!.id];
  return isPiece && oil && found?.readings[0]?.kind === 'drops'
    ? { ...one, either: [{ id: oil }, ...one.either] }
    : one;
};

/** Water that is written with its warmth. */
export const warmed = (one: Named, temperature: readonly Token[] | undefined): Named => {
  const value = temperature && firstOf(temperature, 'number')!.values.at(-1)!;
  const fahrenheit = temperature?.some(({ text }) => /f/i.test(text) && !/°\s?c/i.test(text));
  const warmth = value ?? 0;
  const celsius = fahrenheit ? ((warmth - 32) * 5) / 9 : warmth;
  if (one.either[0]!.id !== 'water' || celsius < HOT) return one;
  return { ...one, either: [{ id: celsius >= 90 ? 'boiling water' : 'hot water' }] };
};

export const idsOf = (named: readonly Named[]): IngredientId[] =>
  named.map(({ either }) => either[0]!.id);
