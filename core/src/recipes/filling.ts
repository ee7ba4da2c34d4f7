import type { IngredientId } from '../reference/ingredients.ts';
import { allOf, firstOf, Remaining, rule } from './grammar.ts';
import type { Amount, Item, Piece, UnreadCode } from './line.ts';
import { strengthsFor, takeStrengths } from './strengths.ts';
import type { Token } from './token.ts';
import { writeItems } from './writeItem.ts';

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

/** A token that names what goes in, and what it may mean. */
type Naming = Extract<Token, { kind: 'ingredient' | 'piece' }>;
const isNaming = (token: Token): token is Naming =>
  token.kind === 'ingredient' || token.kind === 'piece';
const eitherOf = (token: Naming): readonly { id: IngredientId; strength?: number }[] =>
  token.kind === 'ingredient' ? token.either : [{ id: token.piece.ingredient }];

const isWhole = ({ value }: { value?: number }): boolean =>
  value === undefined || (value > 0 && value <= 1);

/** How far it is filled: to a volume, to a part of the bottle, or up; or why that is not read. */
const amountOf = (
  tokens: readonly Token[],
  left: Remaining,
  first: Naming,
): Amount | 'bottle-size' | undefined => {
  const sized = left.take(rules.to) ?? left.take(rules.into);
  if (sized) {
    const [number, unit] = [firstOf(sized, 'number')!, firstOf(sized, 'unit')!.unit];
    if (unit.of !== 'volume' || number.values.length > 1) return 'bottle-size';
    const imperial = allOf(sized, 'qualifier').some(({ is }) => is === 'imperial');
    const one = imperial ? (unit.imperial ?? unit.value) : unit.value;
    return { kind: 'top', to: number.values[0]! * one };
  }
  if (left.has(rules.amount)) return undefined;
  const with_ = tokens.find(({ kind, at }) => (kind === 'with' || kind === 'of') && at < first.at);
  const value = partIn(tokens, left, with_?.at ?? first.at);
  if (!isWhole({ value })) return 'bottle-size';
  return value === undefined ? { kind: 'top' } : { kind: 'fill', value };
};

/** What goes in, in every way it may be meant. */
const itemsOf = (first: Naming, amount: Amount, left: Remaining): Item[] | UnreadCode => {
  const [written, second] = takeStrengths(left);
  if (second) return 'bottle-size';
  left.takeAll(rules.ingredient);
  left.takeAll(rules.words);
  const items: Item[] = [];
  for (const { id, strength: own } of eitherOf(first)) {
    const alone = own === undefined ? [undefined] : [own];
    const said = written ? strengthsFor(id, written) : alone;
    if (typeof said === 'string') return said;
    for (const strength of said)
      items.push({ ingredient: id, amount, ...(strength === undefined ? {} : { strength }) });
  }
  return items;
};

/** Whether the words fill something up: "fill", "the rest", "top up", or one thing up to a size. */
const isFilling = (tokens: readonly Token[], left: Remaining, named: number): boolean => {
  const fills = left.has(rules.fills) || (left.has(rules.toTop) && !left.has(rules.amount));
  const one = named === 1 && tokens.filter(({ kind }) => kind === 'unit').length === 1;
  return named > 0 && (fills || (left.has(rules.to) && one));
};

/** What the line is asked about: what nobody knows first, then which of several is meant. */
const askOf = (over: readonly Token[], either: number): Filling['asks'] => {
  const found = over.map(({ text }) => text.trim()).join(' ');
  if (over.length > 0) return { code: 'left-over', found };
  return either > 1 ? { code: 'which-ingredient', found: '' } : null;
};
type Filling = Extract<Piece, { kind: 'ingredients' }>;

/**
 * "Fill to 3/4 with …", "top up with …", "make up to 1 l with …", "the rest water": amounts that
 * depend on the bottle.
 */
export const readFilling = (tokens: readonly Token[]): Piece | undefined => {
  const left = new Remaining(tokens);
  const named = tokens.filter(isNaming);
  if (!isFilling(tokens, left, named.length)) return undefined;
  const names = named.map((token) => eitherOf(token)[0]!.id);
  const first = named[0]!;
  if (named.length > 1) return unread('bottle-size', tokens, names);
  const amount = amountOf(tokens, left, first);
  if (amount === undefined) return undefined;
  if (amount === 'bottle-size') return unread(amount, tokens, names);
  const items = itemsOf(first, amount, left);
  if (typeof items === 'string') return unread(items, tokens, names);
  const over = left.rest();
  const stranger: Item = { ingredient: 'unknown', amount };
  const readings = [...items, ...(over.length > 0 ? [stranger] : [])].map((item) => ({
    items: [item] as [Item],
    text: writeItems([item], 'en'),
  }));
  const [one, ...others] = readings;
  return {
    kind: 'ingredients',
    readings: [one!, ...others],
    asks: askOf(over, eitherOf(first).length),
  };
};
