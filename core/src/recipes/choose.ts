import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { OUNCE } from '../reference/tools.ts';
import { oneOf } from '../units/volume.ts';
import { type Found } from './quantity.ts';
import { firstOf } from './grammar.ts';
import type { Amount, Item, LineReading, Piece, Question, UnreadCode } from './line.ts';
import { strengthsFor, type Written } from './strengths.ts';
import type { Token } from './token.ts';
import { writeItems } from './writeItem.ts';
import { textOf } from './pieceWords.ts';
import { type Named } from './named.ts';

export const readingOf = (...items: [Item, ...Item[]]): LineReading => ({
  items,
  text: writeItems(items, 'en'),
});

/** An ounce of something dry is weighed. */
const asMeasured = (amount: Amount, found: Found, id: IngredientId): Amount =>
  found.ounces && amount.kind === 'volume' && ingredientOf(id).role === 'powder'
    ? { kind: 'mass', value: (amount.value / oneOf('fluid ounce')) * OUNCE, tool: 'kitchen scale' }
    : amount;

interface Strengths {
  values: readonly (number | undefined)[];
  code: Question | null;
  found: string;
}

/** What of the line may still say how strong it is. */
interface LeftForStrength {
  ratio?: readonly number[];
  strong?: Extract<Token, { kind: 'strong' }>;
  figure?: Extract<Token, { kind: 'number' }>;
}

/**
 * The strengths an ingredient may have here: as written, as a left-over figure may mean, diluted,
 * strong, or the usual.
 */
const strengthsOf = (
  { id, strength: own }: Named['either'][number],
  written: Written | undefined,
  { ratio, strong, figure }: LeftForStrength,
): Strengths | UnreadCode => {
  const { strength, asksStrength } = ingredientOf(id);
  const alone = own === undefined ? undefined : [own];
  const said = written ? strengthsFor(id, written) : alone;
  if (typeof said === 'string') return said;
  const usual = strength?.usual;
  const base = said?.[0] ?? usual;
  if (!strength || base === undefined) return { values: [undefined], code: null, found: '' };
  const stated = said ?? [undefined];
  if (ratio && ratio.length === 2) {
    const [one, other] = [Math.min(...ratio), Math.max(...ratio)] as [number, number];
    const thinned = [
      base * (one / (one + other)),
      ...(other > one ? [base * (one / other)] : []),
      base,
    ];
    return { values: thinned, code: 'dilution', found: ratio.join(':') };
  }
  if (strong?.how === 'weaker') {
    const values = said ? [base, base / 10] : [base / 10, undefined];
    return { values, code: 'which-strength', found: strong.text };
  }
  if (strong)
    return {
      values: said ? [...said] : [strength.strong ?? base, undefined],
      code: said ? null : 'which-strength',
      found: strong.text,
    };
  if (figure && !said) {
    const value = figure.values[0]! / 100;
    if (value > 0 && value <= 1)
      return { values: [value, undefined], code: 'which-strength', found: figure.text };
  }
  if (asksStrength && !said) return { values: [undefined], code: 'which-strength', found: '' };
  return { values: stated, code: null, found: '' };
};

export interface Choice {
  readings: LineReading[];
  code: Question | null;
  found: string;
}

/** Every way to take one ingredient with one amount. */
export const choose = (
  { either }: Named,
  found: Found,
  written: Written | undefined,
  left: LeftForStrength,
): Choice | UnreadCode => {
  const readings: LineReading[] = [];
  let code: Question | null = found.doubt === 'thousands' ? 'thousands' : null;
  let said = '';
  for (const one of either) {
    const { id } = one;
    const strengths = strengthsOf(one, written, left);
    if (typeof strengths === 'string') return strengths;
    if (strengths.code) [code, said] = [strengths.code, strengths.found];
    for (const amount of found.readings) {
      for (const strength of strengths.values) {
        readings.push(
          readingOf({
            ingredient: id,
            amount: asMeasured(amount, found, id),
            ...(strength === undefined ? {} : { strength }),
            ...(found.assumed ? { assumed: found.assumed } : {}),
          }),
        );
      }
    }
  }
  if (either.length > 1) code = 'which-ingredient';
  return { readings, code, found: said };
};

/** Two strengths for one thing: each may be the one that is meant. */
export const chooseAmong = (
  one: Named,
  found: Found,
  stated: readonly Written[],
  left: LeftForStrength,
): Choice | UnreadCode => {
  const choices = (stated.length > 1 ? stated : [stated[0]]).map((written) =>
    choose(one, found, written, left),
  );
  const wrong = choices.find((choice) => typeof choice === 'string');
  if (wrong !== undefined) return wrong;
  const all = choices as Choice[];
  if (all.length === 1) return all[0]!;
  return { readings: all.flatMap(({ readings }) => readings), code: 'which-strength', found: '' };
};

export const asPiece = ({ readings, code, found }: Choice): Piece => {
  const [first, ...others] = readings;
  return {
    kind: 'ingredients',
    readings: [first!, ...others],
    asks: code ? { code, found } : null,
  };
};

/**
 * "1/4 cup bleach per gallon": with that much water, or without where the water stands elsewhere.
 */
export const withPer = (choice: Choice, per: readonly Token[]): Choice => {
  const unit = firstOf(per, 'unit')!.unit;
  const count = firstOf(per, 'number')?.values[0] ?? 1;
  if (unit.of !== 'volume') return { ...choice, code: 'per', found: textOf(per) };
  const water: Item = {
    ingredient: 'water',
    amount: {
      kind: 'volume',
      value: unit.value * count,
      tool: unit.tool === 'by eye' ? 'jug' : unit.tool,
    },
  };
  const readings = choice.readings.flatMap((reading): LineReading[] => [
    readingOf(...reading.items, water),
    reading,
  ]);
  return { readings, code: 'per', found: textOf(per) };
};

/**
 * What is left over makes the line asked about: as it was understood, or something nobody knows.
 */
export const withLeftOver = (choice: Choice, over: readonly Token[]): Choice => {
  if (over.length === 0 || choice.code)
    return over.length === 0 ? choice : { ...choice, found: choice.found || textOf(over) };
  const [item] = choice.readings[0]!.items;
  const stranger = readingOf({ ingredient: 'unknown', amount: item.amount });
  return { readings: [...choice.readings, stranger], code: 'left-over', found: textOf(over) };
};
