import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { alcoholOf, volumeFraction } from '../solutions/alcohol.ts';
import { weightToVolume } from '../solutions/stockContent.ts';
import { volumesToStrength } from '../units/strength.ts';
import type { Remaining } from './grammar.ts';
import { firstOf, rule } from './grammar.ts';
import type { UnreadCode } from './line.ts';
import type { Token } from './token.ts';

/**
 * A strength as it was written: the values it may have as they stand before the sign, and which
 * sign.
 */
export interface Written {
  values: readonly number[];
  sign: 'percent' | 'proof' | 'volumes';
  by: 'weight' | 'volume' | null;
  at: number;
}

const rules = {
  strength: rule('open? number (percent|proof|volumes) basis? close?'),
  basis: rule('basis'),
};

const writtenIn = (tokens: readonly Token[]): Written => {
  const number = firstOf(tokens, 'number')!;
  const sign = tokens.find(
    ({ kind }) => kind === 'percent' || kind === 'proof' || kind === 'volumes',
  )!;
  return {
    values: number.values,
    sign: sign.kind as Written['sign'],
    at: number.at,
    by: firstOf(tokens, 'basis')?.by ?? null,
  };
};

/** Every strength that stands in a piece, taken out of it. */
export const takeStrengths = (left: Remaining): Written[] =>
  left.takeAll(rules.strength).map(writtenIn);

/** Whether "by weight" or "by volume" stands somewhere by itself, taken out. */
export const takeBasis = (left: Remaining): 'weight' | 'volume' | null => {
  const taken = left.take(rules.basis);
  return taken ? firstOf(taken, 'basis')!.by : null;
};

/** A written strength as fractions in the ingredient's own basis, or what is wrong with it. */
export const strengthsFor = (
  id: IngredientId,
  written: Written,
): readonly number[] | UnreadCode => {
  const { strength } = ingredientOf(id);
  if (!strength) return 'no-strength';
  if (written.sign === 'proof' && strength.basis !== 'v/v') return 'no-proof';
  if (written.sign === 'volumes' && strength.of !== 'hydrogen peroxide') return 'no-volumes';
  const values = written.values.map((value) => {
    if (written.sign === 'proof') return value / 200;
    if (written.sign === 'volumes') return volumesToStrength(value);
    if (written.by !== 'weight' || !(value > 0 && value <= 100)) return value / 100;
    const alcohol = alcoholOf(strength.of);
    return alcohol
      ? volumeFraction(alcohol, value / 100)
      : weightToVolume(strength.of, value / 100);
  });
  return values.every((value) => value > 0 && value <= 1) ? values : 'over-100';
};
