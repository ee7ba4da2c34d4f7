import type { IngredientId } from '../reference/ingredients.ts';
import { allOf, firstOf, Remaining, rule } from './grammar.ts';
import type { Amount, Item, UnreadCode } from './line.ts';
import { strengthsFor, takeStrengths } from './strengths.ts';
import type { Piece } from './readPiece.ts';
import { writeItems } from './writeItem.ts';
import type { Token } from './tokens.ts';

const rules = {
  fills: rule('fill|rest'),
  toTop: rule('brim'),
  to: rule('to number qualifier* unit'),
  into: rule('number qualifier* unit vessel'),
  amount: rule('number qualifier* unit'),
  fraction: rule(
    'article? number? fraction|number(?=(#|full|plain|of|with|vessel|qualifier|article|to)*$)|number',
  ),
  percentBefore: rule('number percent (?=(full|plain|qualifier|of|to|article|vessel)*(with|of)?)'),
  words: rule(
    'fill|rest|brim|to|full|vessel|article|of|with|plain|verb|and|comma|colon|dash|stop|plus|qualifier',
  ),
  ingredient: rule('ingredient|piece'),
  strong: rule('strong'),
};

/** A part of the bottle, whatever way it is said: half, 3/4, 75 %. */
const partIn = (tokens: readonly Token[], left: Remaining, before: number): number | undefined => {
  const ahead = tokens.filter(({ at }) => at < before);
  const fraction = firstOf(ahead, 'fraction');
  const number = firstOf(ahead, 'number');
  if (fraction) {
    left.take(rule('article? number fraction|article? fraction'));
    return fraction.value * (number && number.at < fraction.at ? number.values[0]! : 1);
  }
  if (!number) return undefined;
  const percent = ahead.some(({ kind, at }) => kind === 'percent' && at > number.at);
  left.take(percent ? rule('number percent') : rule('number'));
  return number.values[0]! / (percent ? 100 : 1);
};

const unread = (
  code: UnreadCode,
  tokens: readonly Token[],
  names: readonly IngredientId[],
): Piece => ({
  kind: 'unread',
  code,
  found: tokens.map(({ text }) => text.trim()).join(' '),
  names,
  offers: [],
});

/**
 * "Fill to 3/4 with …", "top up with …", "make up to 1 l with …", "the rest water": amounts that
 * depend on the bottle.
 */
export const readFilling = (tokens: readonly Token[]): Piece | undefined => {
  const left = new Remaining(tokens);
  const named = tokens.filter(({ kind }) => kind === 'ingredient' || kind === 'piece');
  const target = left.has(rules.to);
  const fills = left.has(rules.fills) || (left.has(rules.toTop) && !left.has(rules.amount));
  const madeUp =
    target && named.length === 1 && tokens.filter(({ kind }) => kind === 'unit').length === 1;
  if (named.length === 0 || (!fills && !madeUp)) return undefined;
  const first = named[0]!;
  const either =
    first.kind === 'ingredient'
      ? first.either
      : [{ id: (first as Extract<Token, { kind: 'piece' }>).piece.ingredient }];
  const names = named.map((token) =>
    token.kind === 'ingredient'
      ? token.either[0]!.id
      : (token as Extract<Token, { kind: 'piece' }>).piece.ingredient,
  );
  if (named.length > 1) return unread('bottle-size', tokens, names);

  const with_ = tokens.find(({ kind, at }) => (kind === 'with' || kind === 'of') && at < first.at);
  const sized = left.take(rules.to) ?? left.take(rules.into);
  let amount: Amount | undefined;
  if (sized) {
    const [number, unit] = [firstOf(sized, 'number')!, firstOf(sized, 'unit')!.unit];
    if (unit.of !== 'volume' || number.values.length > 1)
      return unread('bottle-size', tokens, names);
    const imperial = allOf(sized, 'qualifier').some(({ is }) => is === 'imperial');
    amount = {
      kind: 'top',
      to: number.values[0]! * (imperial ? (unit.imperial ?? unit.value) : unit.value),
    };
  } else if (left.has(rules.amount)) return undefined;
  else {
    const value = partIn(tokens, left, with_?.at ?? first.at);
    if (value !== undefined && !(value > 0 && value <= 1))
      return unread('bottle-size', tokens, names);
    amount = value === undefined ? { kind: 'top' } : { kind: 'fill', value };
  }
  const [written, second] = takeStrengths(left);
  if (second) return unread('bottle-size', tokens, names);
  left.takeAll(rules.ingredient);
  left.takeAll(rules.words);
  const items: Item[] = [];
  for (const { id, strength: own } of either) {
    const said = written ? strengthsFor(id, written) : own === undefined ? [undefined] : [own];
    if (typeof said === 'string') return unread(said, tokens, names);
    items.push(
      ...said.map((strength): Item => ({
        ingredient: id,
        amount,
        ...(strength === undefined ? {} : { strength }),
      })),
    );
  }
  const over = left.rest();
  const readings = items.map((item) => ({ items: [item] as [Item], text: writeItems([item]) }));
  if (over.length > 0) {
    const stranger: Item = { ingredient: 'unknown', amount };
    readings.push({ items: [stranger], text: writeItems([stranger]) });
  }
  const [one, ...others] = readings;
  const found = over.map(({ text }) => text.trim()).join(' ');
  const asks =
    over.length > 0
      ? { code: 'left-over' as const, found }
      : either.length > 1
        ? { code: 'which-ingredient' as const, found: '' }
        : null;
  return { kind: 'ingredients', readings: [one!, ...others], asks };
};
