import type { IngredientId } from '../reference/ingredients.ts';
import type { Remaining } from './grammar.ts';
import { allOf, firstOf, rule } from './grammar.ts';
import type { Amount, UnreadCode } from './line.ts';
import type { Token } from './tokens.ts';
import type { Unit } from './words/vocabulary.ts';

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

/**
 * What a number may be: over nothing, and no more than a household has room for: m³, kg, drops,
 * parts.
 */
const MOST_VOLUME = 0.1;
const MOST_MASS = 100;
const MOST_DROPS = 2000;
const MOST_PARTS = 1000;
const LEAST = 1e-12;
/** A heaped spoon holds half as much again. Source: common practice, no source. */
const HEAPED = 1.5;

const QUANTITY = '(article? number? fraction (of? article)?|article? number|article)';
const rules = {
  product: rule('number times number qualifier* unit'),
  andAHalf: rule(`(${QUANTITY} qualifier*)? unit and article? fraction`),
  wholeAndPart: rule('number and article? fraction qualifier* unit'),
  cappedMeasure: rule('number unit vague'),
  byWeight: rule('unit basis'),
  measured: rule(`open? (${QUANTITY})? qualifier* unit (open? qualifier close?)? close?`),
  vague: rule(`(${QUANTITY})? qualifier* vague`),
  juicePieces: rule(`juice? of? (${QUANTITY})? qualifier* piece comma? juice?`),
  partOfBottle: rule('article? (fraction|number) of? article? vessel'),
  bottle: rule('(article|number) qualifier* vessel'),
  share: rule('article? (fraction|number) of? plain* (?=ingredient|piece)'),
};
/** Behind a first amount, another that adds to it: "1 cup plus 2 tbsp", "1 lb 4 oz". */
const more = rule('(?<!open)(plus|and)? number qualifier* unit');

/** How often the unit: what number or fraction words stand before it. */
const quantityOf = (
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

const sizeOf = (unit: Unit, tokens: readonly Token[]): number => {
  if (unit.of === 'drops' || unit.of === 'parts') return 1;
  const says = (is: string) => allOf(tokens, 'qualifier').some((one) => one.is === is);
  const own = unit.of === 'volume' && says('imperial') ? (unit.imperial ?? unit.value) : unit.value;
  return says('heaped') ? own * HEAPED : own;
};

const amountIn = (unit: Unit, value: number): Amount => {
  if (unit.of === 'drops') return { kind: 'drops', value };
  if (unit.of === 'parts') return { kind: 'parts', value };
  return unit.of === 'mass'
    ? { kind: 'mass', value, tool: 'kitchen scale' }
    : { kind: 'volume', value, tool: unit.tool };
};

const tooMuch = (amount: Amount): boolean => {
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

/** Readings that no household has room for are none; where all are, that is what is wrong. */
const checked = (found: Found): Found => {
  const values = found.readings.map((amount) => ('value' in amount ? amount.value : 1));
  if (found.doubt === 'range' && values[0]! >= values[1]!) return { ...found, wrong: 'range' };
  if (values.some((value) => !(value > LEAST))) return { ...found, wrong: 'not-positive' };
  const fitting = found.readings.filter((amount) => !tooMuch(amount));
  if (fitting.length === 0 || (found.doubt === 'range' && fitting.length < 2))
    return { ...found, wrong: 'too-much' };
  return { ...found, readings: fitting, doubt: fitting.length > 1 ? found.doubt : null };
};

const measured = (tokens: readonly Token[]): Found => {
  const { unit } = firstOf(tokens, 'unit')!;
  const { values, doubt, guess } = quantityOf(tokens);
  const size = sizeOf(unit, tokens);
  return checked({
    readings: values.map((value) => amountIn(unit, value * size)),
    doubt,
    ...(guess ? { assumed: guess } : {}),
    ...(tokens[0]!.kind === 'open' ? { bracketed: true } : {}),
    ...(unit.of === 'volume' && unit.ounces ? { ounces: true } : {}),
  });
};

const vague = (tokens: readonly Token[]): Found => {
  const { volume, text } = firstOf(tokens, 'vague')!;
  const { values, doubt } = quantityOf(tokens);
  const readings = values.map((value): Amount => ({
    kind: 'volume',
    value: value * volume,
    tool: 'by eye',
  }));
  return checked({ readings, doubt, assumed: text.trim().replace(/s$/, '') });
};

const pieces = (tokens: readonly Token[]): Found => {
  const { piece } = firstOf(tokens, 'piece')!;
  const { values, doubt } = quantityOf(tokens);
  const readings = values.map((value): Amount =>
    piece.mass === undefined
      ? { kind: 'volume', value: value * piece.volume!, tool: 'by eye' }
      : { kind: 'mass', value: value * piece.mass, tool: 'kitchen scale' },
  );
  return checked({ readings, doubt, assumed: piece.called, piece: piece.ingredient });
};

const shareByVolume = (tokens: readonly Token[]): Found => {
  const value = firstOf(tokens, 'fraction')?.value ?? firstOf(tokens, 'number')!.values[0]!;
  return { readings: [{ kind: 'share', value, by: 'volume' }], doubt: null };
};

/**
 * Several amounts that add up: all volumes or all masses. An ounce behind a pound is one of weight.
 */
const added = (first: Found, second: Found): Found | undefined => {
  const [a, b] = [first.readings[0]!, second.readings[0]!];
  if (first.doubt || second.doubt || !('value' in a) || !('value' in b)) return undefined;
  const ounces = second.ounces && a.kind === 'mass' && b.kind === 'volume';
  const value = ounces ? (b.value / OUNCE_VOLUME) * OUNCE_MASS : b.value;
  if (a.kind !== b.kind && !ounces) return undefined;
  return checked({ ...first, readings: [{ ...a, value: a.value + value }] });
};
const OUNCE_VOLUME = 29.5735295625e-6;
const OUNCE_MASS = 0.0283495;

const one = (unit: Unit, value: number): Found =>
  checked({ readings: [amountIn(unit, value)], doubt: null });

/** The next amount that stands in what is left of a piece, taken out of it. */
const next = (left: Remaining): Found | undefined => {
  const product = left.take(rules.product);
  if (product) {
    const [times, each] = allOf(product, 'number');
    const { unit } = firstOf(product, 'unit')!;
    return one(unit, times!.values[0]! * each!.values[0]! * sizeOf(unit, product));
  }
  const both = left.take(rules.wholeAndPart);
  if (both) {
    const { unit } = firstOf(both, 'unit')!;
    return one(
      unit,
      (firstOf(both, 'number')!.values[0]! + firstOf(both, 'fraction')!.value) * sizeOf(unit, both),
    );
  }
  const half = left.take(rules.andAHalf);
  if (half) {
    const { unit } = firstOf(half, 'unit')!;
    const whole = firstOf(half, 'number')?.values[0] ?? 1;
    return one(unit, (whole + allOf(half, 'fraction').at(-1)!.value) * sizeOf(unit, half));
  }
  const capped = left.take(rules.cappedMeasure);
  if (capped) return measured(capped.slice(0, 2));
  const plain = left.take(rules.measured);
  if (plain) {
    let sum = measured(plain);
    while (!sum.bracketed) {
      const again = left.take(more);
      if (!again) break;
      const total = added(sum, measured(again));
      if (!total)
        return {
          ...sum,
          doubt: 'thousands',
          readings: [...sum.readings, ...measured(again).readings],
        };
      sum = total;
    }
    return sum;
  }
  const guessed = left.take(rules.vague);
  if (guessed) return vague(guessed);
  return undefined;
};

/** Every amount that stands in a piece, in the order of the grammar, taken out of it. */
export const takeAmounts = (left: Remaining): Found[] => {
  const found: Found[] = [];
  for (let amount = next(left); amount; amount = next(left)) found.push(amount);
  if (found.length > 0) return found;
  const counted = left.has(rules.juicePieces) ? left.take(rules.juicePieces) : undefined;
  if (
    counted &&
    counted.some(({ kind }) => kind === 'number' || kind === 'fraction' || kind === 'article')
  )
    return [pieces(counted)];
  if (counted) return [{ ...pieces(counted), wrong: 'no-amount' }];
  const part = left.take(rules.partOfBottle);
  if (part) {
    const {
      values: [value],
    } = quantityOf(part);
    const whole = firstOf(part, 'fraction') === undefined && value! >= 1;
    return [whole ? { readings: [], doubt: null, wrong: 'bottle-size' } : shareByVolume(part)];
  }
  if (left.take(rules.bottle)) return [{ readings: [], doubt: null, wrong: 'bottle-size' }];
  if (left.has(rules.share)) {
    const share = left.take(rules.share)!;
    const {
      values: [value],
    } = quantityOf(share);
    return firstOf(share, 'fraction') || value! < 1
      ? [shareByVolume(share)]
      : [{ readings: [], doubt: null, wrong: 'no-unit' }];
  }
  return [];
};

/** Whether an amount and the same in brackets agree: within a tenth. */
export const agree = (a: Amount, b: Amount): boolean =>
  a.kind === 'volume' && b.kind === 'volume' && Math.abs(a.value - b.value) <= 0.1 * a.value;
