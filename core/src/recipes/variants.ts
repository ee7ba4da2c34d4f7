import { ingredientOf } from '../reference/ingredients.ts';
import type { Ingredients, LineReading, Recipe } from './line.ts';
import type { Chosen } from './portions.ts';

/**
 * So many ways to understand a recipe are all worked out; of more, those that make each active
 * strongest and weakest.
 */
const MOST = 64;

const product = (lines: readonly Ingredients[]): Chosen[] =>
  lines.reduce<Chosen[]>(
    (all, line) =>
      all.flatMap((chosen) => line.readings.map((reading) => [...chosen, { line, reading }])),
    [[]],
  );

/** Shares are all by weight or all by volume: nobody means one of each. */
const isOfOneBasis = (chosen: Chosen): boolean => {
  const bases = chosen.flatMap(({ reading }) =>
    reading.items.flatMap(({ amount }) => (amount.kind === 'share' ? [amount.by] : [])),
  );
  return new Set(bases).size <= 1;
};

/**
 * What a reading holds of an active, roughly: its amount times its strength. Readings of a line
 * have like amounts.
 */
const holds = ({ items }: LineReading, active: string): number =>
  items.reduce((sum, { ingredient, amount, strength }) => {
    const of = ingredientOf(ingredient);
    const value = 'value' in amount ? amount.value : 1;
    const own =
      of.strength?.of === active
        ? (strength ?? of.strength.usual)
        : ((of.parts as Record<string, number> | undefined)?.[active] ?? 0);
    return sum + value * own;
  }, 0);
const amountOf = ({ items }: LineReading): number =>
  items.reduce((sum, { amount }) => sum + ('value' in amount ? amount.value : 1), 0);

/** For an active: of what brings it the most (or least), of all else the least (or most). */
const extreme = (lines: readonly Ingredients[], active: string, sign: 1 | -1): Chosen =>
  lines.map((line) => {
    const brings = line.readings.some((reading) => holds(reading, active) > 0);
    const score = (reading: LineReading) =>
      brings ? sign * holds(reading, active) : -sign * amountOf(reading);
    return { line, reading: [...line.readings].sort((a, b) => score(b) - score(a))[0]! };
  });

/**
 * The ways in which a recipe may be understood, the likeliest first: every choice of readings, or
 * where those are too many, the ones between which every active's strength lies.
 */
export const variantsOf = ({ lines }: Recipe): Chosen[] => {
  const all = lines.filter((line) => line.kind === 'ingredients');
  const count = all.reduce((ways, { readings }) => ways * readings.length, 1);
  if (count <= MOST) return product(all).filter(isOfOneBasis);
  const actives = new Set(
    all.flatMap(({ readings }) =>
      readings.flatMap(({ items }) =>
        items.flatMap(({ ingredient }) => {
          const of = ingredientOf(ingredient);
          return of.strength ? [of.strength.of] : Object.keys(of.parts ?? {});
        }),
      ),
    ),
  );
  actives.delete('water');
  const first = all.map((line) => ({ line, reading: line.readings[0] }));
  return [
    first,
    ...[...actives].flatMap((active) => [extreme(all, active, 1), extreme(all, active, -1)]),
  ];
};
