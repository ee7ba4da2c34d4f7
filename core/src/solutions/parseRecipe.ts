import { ingredientIds, ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { asWeight, takeAmount, type Amount } from '../units/amount.ts';
import { parseStrength } from '../units/strength.ts';
import { alcoholOf, volumeFraction } from './alcohol.ts';
import { weightToVolume } from './stockContent.ts';

interface At {
  /** The line as typed, and where it stands: rows and columns from 0. */
  text: string;
  row: number;
  column: number;
}

export interface IngredientLine extends At {
  kind: 'ingredient';
  amount: Amount;
  ingredient: IngredientId;
  /** Fraction in the ingredient's basis; absent where the line does not say. */
  strength?: number;
  /** Words that were read as description only. */
  unread: string[];
}

export type Line =
  | IngredientLine
  | (At & { kind: 'bottle'; volume: number })
  | (At & { kind: 'batch'; mass: number })
  | (At & { kind: 'unread'; found: string; expected: string });

export interface Recipe {
  lines: Line[];
}

/** Longer than any recipe for a bottle. */
export const MOST_LINES = 60;
const MOST_CHARACTERS = 20_000;
const LONGEST_LINE = 300;

const aliases = ingredientIds
  .flatMap((id) => ingredientOf(id).names.map((name) => ({ id, name, words: name.replace(/-/g, ' ') })))
  .sort((a, b) => b.words.length - a.words.length);
const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const patterns = aliases.map(({ id, words }) => ({ id, pattern: new RegExp(`(?<=^| )${escaped(words)}s?(?= |$)`) }));

const plain = new Set(
  'of the a an your some and in with warm hot cold cool lukewarm fresh clean clear plain white organic pure natural good quality liquid solution strength stock unscented scented mild gentle favourite favorite optional or about roughly approx more heaped level scant full water-based acidity abv alcohol grade food household cleaning strong concentrated raw ordinary regular ml for store-bought diluted undiluted straight each'.split(' '),
);
const STRENGTH = /(\d+(?:[.,]\d+)?|\.\d+)\s*(?:(%|percent|per cent)|(proof)|(vol(?:ume)?s?)\b)(?:\s*(v\/v|w\/v|w\/w|acidity|abv|strength))?/;

const tidy = (text: string): string =>
  text.toLowerCase().replace(/[“”"*•·]/g, ' ').replace(/⁄/g, '/').replace(/\s+/g, ' ').trim()
    .replace(/^[-–—]\s+/, '').replace(/^\d{1,2}[.)]\s+(?=\S)/, '').replace(/^(?:about|approximately|approx\.?|roughly|around|circa|ca\.|~|add|mix|combine|use|then|and|plus|\+)\s*(?=\S)/, '').replace(/[.;,:]+$/, '').trim();

interface Named {
  ingredient: IngredientId;
  unread: string[];
}

const nameIn = (text: string): Named | { found: string; expected: string } => {
  const words = text.replace(/[(),:;./]/g, ' ').replace(/-/g, ' ').replace(/\s+/g, ' ').trim();
  if (words === '') return { found: '', expected: 'what it is, after the amount' };
  const hit = patterns.find(({ pattern }) => pattern.test(words));
  if (!hit) return { found: text.trim(), expected: 'an ingredient by its generic name, such as water, rubbing alcohol, peroxide, vinegar, castile soap or baking soda' };
  const left = words.replace(hit.pattern, ' ').replace(/\s+/g, ' ').trim();
  const second = patterns.find(({ id, pattern }) => id !== hit.id && ingredientOf(id).role !== 'scent' && pattern.test(left) && !plain.has(pattern.exec(left)![0]));
  if (second) return { found: text.trim(), expected: `one ingredient a line: this names ${ingredientOf(hit.id).names[0]} and ${ingredientOf(second.id).names[0]}` };
  return { ingredient: hit.id, unread: left.split(' ').filter((word) => word !== '' && !plain.has(word)) };
};

const strengthIn = (text: string, id: IngredientId): { strength: number } | { found: string; expected: string } => {
  const match = STRENGTH.exec(text)!;
  const { strength, names } = ingredientOf(id);
  if (!strength) return { found: match[0], expected: `no strength: ${names[0]} is taken as it is` };
  const read = parseStrength(match[0].replace(/\s*(?:v\/v|w\/v|w\/w|acidity|abv|strength)$/, '').replace(/^\./, '0.'), strength.basis);
  if (!read.ok) return { found: match[0], expected: read.allowed };
  if (match[5] !== 'w/w') return { strength: read.value.value };
  const alcohol = alcoholOf(strength.of);
  return { strength: alcohol ? volumeFraction(alcohol, read.value.value) : weightToVolume(strength.of, read.value.value) };
};

/** "500 ml bottle", "in a 16 oz spray bottle", "makes 500 g": how large it is, rather than what goes in. */
const sizeIn = (line: string): { kind: 'bottle'; volume: number } | { kind: 'batch'; mass: number } | undefined => {
  const bare = line.replace(/^(?:in(?:to)?|for|bottle(?: size)?|batch(?: size)?|size|makes|yields|total)(?: about)?\s*:?\s*/, '').replace(/^(?:a|an|one|the)\s+/, '');
  const size = bare.replace(/\s*(?:(?:spray|glass|plastic|amber|empty|squeeze)\s+)*(?:bottle|jar|bucket|jug|batch|in all|altogether)s?$/, '').replace(/(\d)-(?=[a-z])/, '$1 ');
  if (size === line) return undefined;
  const taken = takeAmount(size);
  if (!taken.ok || taken.rest !== '') return undefined;
  return taken.amount.kind === 'volume' ? { kind: 'bottle', volume: taken.amount.value } : taken.amount.kind === 'mass' ? { kind: 'batch', mass: taken.amount.value } : undefined;
};

/** The amount may also stand last: "vinegar: 250 ml". */
const takeEitherWay = (line: string): ReturnType<typeof takeAmount> => {
  const first = takeAmount(line);
  if (first.ok) return first;
  for (const { index } of line.matchAll(/(?<=[\s:–—-])(?=[\d½⅓⅔¼¾⅛⅜⅝⅞.])/g)) {
    const last = takeAmount(line.slice(index));
    if (last.ok && last.rest === '') return { ...last, rest: line.slice(0, index).replace(/[\s:–—-]+$/, '') };
  }
  return first;
};

const readLine = (at: At): Line => {
  const unread = (found: string, expected: string): Line => ({ ...at, kind: 'unread', found: found || at.text.trim(), expected });
  if (at.text.length > LONGEST_LINE) return unread(`${at.text.length} characters`, `at most ${LONGEST_LINE} a line`);
  const line = tidy(at.text);
  const size = sizeIn(line);
  if (size) return { ...at, ...size };
  const taken = takeEitherWay(line);
  if (!taken.ok) return unread(taken.found, taken.expected);
  // What is strong is not how much: take the strength out before the name is looked for.
  const strong = STRENGTH.exec(taken.rest);
  const named = nameIn(strong ? taken.rest.replace(STRENGTH, ' ') : taken.rest);
  if ('found' in named) return unread(named.found, named.expected);
  const { ingredient } = named;
  const strength = strong ? strengthIn(taken.rest, ingredient) : undefined;
  if (strength && 'found' in strength) return unread(strength.found, strength.expected);
  const dry = ingredientOf(ingredient).role === 'powder';
  return { ...at, kind: 'ingredient', amount: taken.ounces && dry ? asWeight(taken.amount) : taken.amount, ...named, ...strength };
};

/** A comma ends an ingredient where another amount follows it. */
const split = (text: string): { text: string; column: number }[] => {
  const parts: { text: string; column: number }[] = [];
  let from = 0;
  for (const { index, 0: comma } of text.matchAll(/[,;]\s+|\s+\+\s+/g)) {
    if (index < from || !takeAmount(tidy(text.slice(index + comma.length).split(/[,;]\s+/)[0]!)).ok) continue;
    parts.push({ text: text.slice(from, index), column: from });
    from = index + comma.length;
  }
  return [...parts, { text: text.slice(from), column: from }];
};

/** A percentage that stands for a share of the batch needs all the others to be shares too. */
const withBasis = (line: Line, allShares: boolean): Line =>
  line.kind === 'ingredient' && line.amount.kind === 'share' && !allShares
    ? { text: line.text, row: line.row, column: line.column, kind: 'unread', found: `${Number((line.amount.value * 100).toFixed(4))} %`, expected: 'an amount besides the percentage; a share of the batch only where every line is one' }
    : line;

/**
 * Reads a recipe as people write it: one ingredient a line, or a list with commas. Gives every line that is not empty,
 * in order; what cannot be read says at its place what was found and what was expected. Never throws.
 */
export const parseRecipe = (text: string): Recipe => {
  const rows = text.slice(0, MOST_CHARACTERS).split(/\r\n|\r|\n/);
  const written = rows.flatMap((row, i) => (row.trim() === '' || row.trim().startsWith('#') ? [] : split(row).map((part) => ({ ...part, row: i }))));
  const tooLong = text.length > MOST_CHARACTERS || written.length > MOST_LINES;
  const lines = written.slice(0, MOST_LINES).map(readLine);
  const ingredientLines = lines.filter((line) => line.kind === 'ingredient');
  const allShares = ingredientLines.length > 1 && ingredientLines.every((line) => line.amount.kind === 'share');
  const read = lines.map((line) => withBasis(line, allShares));
  if (!tooLong) return { lines: read };
  const found = text.length > MOST_CHARACTERS ? `${text.length} characters` : `${written.length} lines`;
  return { lines: [...read, { kind: 'unread', text: '', row: rows.length, column: 0, found, expected: `at most ${MOST_LINES} lines and ${MOST_CHARACTERS} characters; the rest is not read` }] };
};
