import type { Remaining } from './grammar.ts';
import { allOf, firstOf, rule } from './grammar.ts';
import type { Amount } from './line.ts';
import type { Token } from './token.ts';
import { quantityOf, sizeOf, amountIn } from './quantity.ts';
import { type Found, one } from './quantity.ts';
import { checked } from './quantity.ts';

const QUANTITY = '(article? number? fraction of? article?|article? number|article)';

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
