import type { IngredientId } from '../reference/ingredients.ts';
import { allOf, firstOf } from './grammar.ts';
import type { Amount, UnreadCode } from './line.ts';
import type { Token } from './token.ts';
import type { Unit } from './words/vocabulary.ts';

const LEAST = 1e-12;

/** Readings that no household has room for are none; where all are, that is what is wrong. */
export const checked = (found: Found): Found => {
  const values = found.readings.map((amount) => ('value' in amount ? amount.value : 1));
  if (found.doubt === 'range' && values[0]! >= values[1]!) return { ...found, wrong: 'range' };
  if (values.some((value) => !(value > LEAST))) return { ...found, wrong: 'not-positive' };
  const fitting = found.readings.filter((amount) => !tooMuch(amount));
  if (fitting.length === 0 || (found.doubt === 'range' && fitting.length < 2))
    return { ...found, wrong: 'too-much' };
  return { ...found, readings: fitting, doubt: fitting.length > 1 ? found.doubt : null };
};

/**
 * An amount as it was found: the values that a range or a doubtful figure may mean, and the words
 * it was guessed from.
 */
export interface Found {
  readings: readonly Amount[];
  doubt: 'range' | 'thousands' | null;
  assumed?: string;
  /** A thing that is counted brings its ingredient along. */
  piece?: IngredientId;
  /** Written in brackets, as the same again in other measures. */
  bracketed?: true;
  ounces?: true;
  wrong?: UnreadCode;
}

export const one = (unit: Unit, value: number): Found =>
  checked({ readings: [amountIn(unit, value)], doubt: null });

/**
 * What a number may be: over nothing, and no more than a household has room for: m³, kg, drops,
 * parts.
 */
const MOST_VOLUME = 0.1;

const MOST_MASS = 100;

const MOST_DROPS = 2000;

const MOST_PARTS = 1000;

/** A heaped spoon holds half as much again. Source: common practice, no source. */
const HEAPED = 1.5;

/** How often the unit: what number or fraction words stand before it. */
export const quantityOf = (
  tokens: readonly Token[],
): { values: readonly number[]; doubt: Found['doubt']; guess?: string } => {
  const number = firstOf(tokens, 'number');
  const fraction = firstOf(tokens, 'fraction');
  if (!number) return { values: [fraction?.value ?? 1], doubt: null };
  const values = number.values.map((value) => value * (fraction?.value ?? 1));
  const thousands = number.doubtful ? 'thousands' : null;
  const doubt = number.range ? 'range' : thousands;
  return { values, doubt, ...(number.guess ? { guess: number.text.trim() } : {}) };
};

export const sizeOf = (unit: Unit, tokens: readonly Token[]): number => {
  if (unit.of === 'drops' || unit.of === 'parts') return 1;
  const says = (is: string) => allOf(tokens, 'qualifier').some((one) => one.is === is);
  const own = unit.of === 'volume' && says('imperial') ? (unit.imperial ?? unit.value) : unit.value;
  return says('heaped') ? own * HEAPED : own;
};

export const amountIn = (unit: Unit, value: number): Amount => {
  if (unit.of === 'drops') return { kind: 'drops', value };
  if (unit.of === 'parts') return { kind: 'parts', value };
  return unit.of === 'mass'
    ? { kind: 'mass', value, tool: 'kitchen scale' }
    : { kind: 'volume', value, tool: unit.tool };
};

export const tooMuch = (amount: Amount): boolean => {
  switch (amount.kind) {
    case 'volume':
      return amount.value > MOST_VOLUME;
    case 'mass':
      return amount.value > MOST_MASS;
    case 'drops':
      return amount.value > MOST_DROPS;
    case 'parts':
      return amount.value > MOST_PARTS;
    default:
      return false;
  }
};
