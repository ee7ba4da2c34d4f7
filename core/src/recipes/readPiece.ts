import { OUNCE } from '../reference/tools.ts';
import { oneOf } from '../units/volume.ts';
import { agree, takeAmounts } from './amounts.ts';
import { type Found } from './quantity.ts';
import { readFilling } from './filling.ts';
import { firstOf, Remaining } from './grammar.ts';
import type { Amount, Piece } from './line.ts';
import { takeBasis, takeStrengths, type Written } from './strengths.ts';
import type { Token } from './token.ts';
import { isEnglish } from './words/vocabularies.ts';
import { rules, isSilent, textOf, unread } from './pieceWords.ts';
import {
  type Named,
  withoutScents,
  namedIn,
  eitherOf,
  dropsOfFruit,
  warmed,
  idsOf,
} from './named.ts';
import { type Choice, chooseAmong, asPiece, withPer, withLeftOver } from './choose.ts';
import { withOwners } from './owners.ts';
import { readAside } from './readAside.ts';
import { readTogether } from './readTogether.ts';

/** "Half a cup (120 ml)": one amount, unless the two do not agree. */
const oneAmount = (amounts: readonly Found[]): Found | undefined => {
  const [first, second] = amounts;
  if (!first || !second || first.wrong || second.wrong) return first;
  if (first.assumed && !second.assumed) return second;
  if (second.assumed && !first.assumed) return first;
  if (agree(first.readings[0]!, second.readings[0]!)) return first;
  return { ...first, readings: [...first.readings, ...second.readings], doubt: null };
};

/** A minus sign before the first number: less than nothing of something. */
const isNegative = ([dash, number]: readonly Token[]): boolean =>
  dash?.kind === 'dash' && number?.kind === 'number' && number.at === dash.at + dash.text.length;

/** What is asked about one amount of one or several things, the likeliest cause first. */
const askedAbout = (
  choice: Choice,
  {
    several,
    or,
    amounts,
    readings,
    doubt,
  }: {
    several: boolean;
    or: boolean;
    amounts: number;
    readings: number;
    doubt: boolean;
  },
): Choice => {
  if (several) return { ...choice, code: 'which-ingredient', found: or ? 'or' : 'apart' };
  return amounts > 1 && readings > 1 && !doubt ? { ...choice, code: 'which-amount' } : choice;
};

/** Amounts and what else belongs to one thing; takes them off what is left of the line. */
const takeSingle = (left: Remaining, written: readonly Written[]) => {
  const amounts = takeAmounts(left);
  const share = amounts.length === 0 ? shareIn(written, left) : undefined;
  const found = share ?? oneAmount(amounts);
  const figure = firstOf(left.take(rules.number) ?? [], 'number');
  const strong = firstOf(left.take(rules.strong) ?? [], 'strong');
  const ratio = firstOf(left.take(rules.ratio) ?? [], 'ratio')?.parts;
  left.takeAll(rules.ingredient);
  const stated = share ? written.slice(1) : written;
  return { amounts, found, stated, left: { ratio, strong, figure } };
};

/** One thing, or one of several, with one amount. */
const readSingle = (
  left: Remaining,
  named: readonly Named[],
  written: readonly Written[],
  temperature: readonly Token[] | undefined,
): Piece | Choice => {
  const { tokens } = left;
  const ids = idsOf(named);
  const isPiece = tokens.some(({ kind, at }) => kind === 'piece' && at === named[0]!.at);
  const { amounts, found, stated, left: more } = takeSingle(left, written);
  const { figure } = more;
  if (!found) {
    const offers = figure ? offersFor(figure, typedAs(tokens, named[0]!)) : [];
    return unread(figure ? 'no-unit' : 'no-amount', textOf(tokens), ids, offers);
  }
  if (found.wrong) return unread(found.wrong, textOf(tokens), ids);
  const byWeight = takeBasis(left) === 'weight' ? asWeight(found) : found;
  const several = named.length > 1;
  const or = left.takeAll(rules.or).length > 0;
  const thing = several ? eitherOf(named) : named[0]!;
  const one = warmed(dropsOfFruit(thing, found, isPiece), temperature);
  const choice = chooseAmong(one, byWeight, stated, more);
  if (typeof choice === 'string') return unread(choice, textOf(tokens), ids);
  const asked = askedAbout(choice, {
    several,
    or,
    amounts: amounts.length,
    readings: byWeight.readings.length,
    doubt: Boolean(found.doubt),
  });
  const unused = figure && choice.code !== 'which-strength' ? [figure] : [];
  return withLeftOver(asked, [...unused, ...left.rest().filter((token) => !isSilent(token))]);
};

/** A line that names nothing of which anything could be put in. */
const nothingNamed = (tokens: readonly Token[]): Piece => {
  const strange = tokens.filter(({ kind }) => kind === 'unknown');
  return strange.length > 0
    ? unread('unknown-name', textOf(strange))
    : unread('no-ingredient', textOf(tokens));
};

/** Ingredients with their amounts, together or one alone. */
const readAmounts = (left: Remaining, mentioned: readonly Named[]): Piece => {
  const { tokens } = left;
  const per = left.take(rules.per);
  const temperature = left.take(rules.temperature);
  const written = takeStrengths(left);
  const outside = mentioned.filter(({ at }) => !per?.some((token) => token.at === at));
  const named = withoutScents(outside, tokens);
  if (named.length === 0) return unread('no-amount', textOf(tokens), idsOf(mentioned));
  const together = readTogether(left, named, withOwners(written, named, tokens));
  if (together) return together;
  const single = readSingle(left, named, written, temperature);
  if ('kind' in single) return single;
  return asPiece(per ? withPer(single, per) : single);
};

/**
 * Reads what one piece of a line says: an ingredient with its amount, a size, or why it cannot be
 * read.
 */
export const readPiece = (all: readonly Token[]): Piece => {
  const tokens = all[0]?.kind === 'dash' ? all.slice(1) : all;
  const left = new Remaining(tokens);
  const mentioned = namedIn(tokens);
  if (isNegative(all)) return unread('not-positive', textOf(all.slice(0, 3)), idsOf(mentioned));
  if (left.has(rules.liquid)) return unread('no-amount-of-liquid', textOf(tokens));
  const aside = readAside(tokens, left);
  if (aside) return aside;
  if (mentioned.length === 0) return nothingNamed(tokens);
  return readFilling(tokens) ?? readAmounts(left, mentioned);
};

/**
 * "75 % water" without another amount is a share of the batch, where all the others are shares too.
 */
const shareIn = (written: readonly Written[], left: Remaining): Found | undefined => {
  const [first] = written;
  if (!first || first.sign !== 'percent' || first.values.length !== 1) return undefined;
  const value = first.values[0]! / 100;
  if (!(value > 0 && value <= 1)) return { readings: [], doubt: null, wrong: 'over-100' };
  const by = first.by ?? takeBasis(left);
  return { readings: [{ kind: 'share', value, by }], doubt: null };
};

/** "8 oz vinegar by weight": ounces as a weight. */
const asWeight = (found: Found): Found => ({
  ...found,
  readings: found.readings.map((amount): Amount => {
    if (amount.kind === 'share') return { ...amount, by: 'weight' };
    if (amount.kind !== 'volume' || !found.ounces) return amount;
    return {
      kind: 'mass',
      value: (amount.value / oneOf('fluid ounce')) * OUNCE,
      tool: 'kitchen scale',
    };
  }),
});

/** What names it, as it was typed. */
const typedAs = (tokens: readonly Token[], { at }: Named): string =>
  tokens.find((token) => token.at === at)!.text.trim();

/** What the figure may have been meant in, in the words that were typed. */
const offersFor = (figure: Extract<Token, { kind: 'number' }>, named: string): string[] =>
  ['ml', isEnglish(named) ? 'cups' : 'tazas'].map((unit) => `${figure.values[0]} ${unit} ${named}`);
