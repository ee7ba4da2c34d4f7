import type { IngredientId } from '../reference/ingredients.ts';
import type { At, Line, Piece, Recipe } from './line.ts';
import { respelled } from './nearest.ts';
import { readPiece } from './readPiece.ts';
import { tokensOf } from './tokens.ts';
import type { Token, TokenKind } from './token.ts';
import { lexicon } from './words/vocabularies.ts';
import { withBasis } from './withBasis.ts';

/** Longer than any recipe for a bottle. */
export const MOST_LINES = 60;

const MOST_CHARACTERS = 20_000;

const LONGEST_LINE = 300;

const isThing = ({ kind }: Token): boolean => kind === 'ingredient' || kind === 'piece';

const PARTING = new Set<TokenKind>(['comma', 'and', 'plus', 'with', 'to', 'stop']);

/** Words that hold for all that a line names: it is then not taken apart. */
const TOGETHER = new Set<TokenKind>(['equal', 'each', 'ratio', 'or', 'per']);

const isSize = (tokens: readonly Token[]): boolean =>
  tokens.some(({ kind }) => kind === 'vessel' || kind === 'makes') &&
  tokens.some(({ kind }) => kind === 'unit') &&
  !tokens.some(isThing);

/**
 * Parts a line between two things that each stand for themselves: at the last sign between them
 * that can part.
 */
const partsOf = (tokens: readonly Token[]): Token[][] => {
  const parts: Token[][] = [];
  let from = 0;
  for (let i = 1; i < tokens.length; i += 1) {
    if (!PARTING.has(tokens[i]!.kind)) continue;
    const before = tokens.slice(from, i);
    const behind = tokens.slice(i + 1);
    const end = behind.findIndex(
      (token, j) => j > 0 && PARTING.has(token.kind) && behind.slice(0, j).some(isThing),
    );
    const next = end < 0 ? behind : behind.slice(0, end);
    const later = next.findIndex((token) => PARTING.has(token.kind));
    const here = later < 0 ? next : next.slice(0, later);
    const both = before.some(isThing) && (here.some(isThing) || isSize(next));
    const sizeFirst =
      isSize(before) &&
      next.some(isThing) &&
      tokens[i]!.kind !== 'to' &&
      !before.some(({ kind }) => kind === 'fill');
    if (!both && !sizeFirst) continue;
    parts.push([...before]);
    from = i + 1;
  }
  return [...parts, tokens.slice(from)].filter((part) => part.length > 0);
};

const FILLS = new Set<TokenKind>(['fill', 'rest']);

const isTogether = (tokens: readonly Token[]): boolean =>
  tokens.some(({ kind }) => TOGETHER.has(kind));

const piecesOf = (tokens: readonly Token[]): Token[][] => {
  if (!isTogether(tokens)) return partsOf(tokens);
  // "2 cups water, 1 cup each A and B" would hide what stands before: only what has no amount of
  // its own is taken together.
  const parts = partsOf(tokens);
  const amounts = tokens.filter(({ kind }) => kind === 'unit').length;
  return amounts > 1 &&
    parts.every((part) => part.some(isThing)) &&
    !tokens.some(({ kind }) => kind === 'or' || kind === 'per')
    ? parts
    : [[...tokens]];
};

/** A piece with its misspelt words put right, as a question. */
const asNearest = (piece: Piece, found: string): Piece =>
  piece.kind === 'ingredients' ? { ...piece, asks: { code: 'nearest', found } } : piece;

const strangeIn = (tokens: readonly Token[]): string =>
  tokens
    .filter(({ kind }) => kind === 'unknown')
    .map(({ text }) => text)
    .join(' ');

const read = (tokens: readonly Token[], line: string): Piece => {
  const piece = readPiece(tokens);
  const strange = strangeIn(tokens);
  if (strange === '' || piece.kind === 'aside' || piece.kind === 'size') return piece;
  const first = tokens[0]!;
  const last = tokens.at(-1)!;
  const own = line.slice(first.at, last.at + last.text.length);
  const better = respelled(
    own,
    tokens.map((token) => ({ ...token, at: token.at - first.at })),
    lexicon,
  );
  if (better === undefined) return piece;
  const again = readPiece(tokensOf(better, lexicon));
  return again.kind === 'ingredients' || (again.kind === 'unread' && again.names.length > 0)
    ? asNearest(again, strange)
    : piece;
};

/** A number in front of a line that only counts the lines: "1. 2 cups water". */
const NUMBERED = /^\s*\d{1,2}[.)]\s+(?=\S)/;

const readRow = (row: string, at: number): Line[] => {
  if (row.length > LONGEST_LINE) {
    return [
      {
        kind: 'unread',
        code: 'too-long',
        found: String(row.length),
        names: [],
        offers: [],
        text: row,
        row: at,
        column: 0,
      },
    ];
  }
  const bare = row.replace(NUMBERED, (counted) => ' '.repeat(counted.length));
  const tokens = tokensOf(bare, lexicon);
  if (tokens.length === 0) return [{ kind: 'aside', text: row, row: at, column: 0 }];
  const pieces =
    tokens.some(({ kind }) => FILLS.has(kind)) && tokens.filter(isThing).length < 2
      ? [[...tokens]]
      : piecesOf(tokens);
  return pieces.map((piece, i): Line => {
    const column = i === 0 ? 0 : piece[0]!.at;
    const end = pieces[i + 1]?.[0]!.at ?? row.length;
    const where: At = { text: row.slice(column, end).replace(/[\s,;+&]+$/, ''), row: at, column };
    return { ...where, ...read(piece, bare) };
  });
};

/**
 * Reads a recipe as people write it. Gives every line that is not empty, in order: each is
 * understood, asked about with its likely readings, or not read with the reason and with what it
 * names all the same. Never throws.
 */
export const readRecipe = (text: string): Recipe => {
  const rows = text.slice(0, MOST_CHARACTERS).split(/\r\n|\r|\n/);
  const all = rows.flatMap((row, i) =>
    row.trim() === '' || row.trim().startsWith('#') ? [] : readRow(row, i),
  );
  const lines = withBasis(all.slice(0, MOST_LINES));
  const cutOff = text.length > MOST_CHARACTERS || all.length > MOST_LINES;
  if (!cutOff) return { lines };
  const names = all.slice(MOST_LINES).flatMap(ingredientsNamed);
  const found = text.length > MOST_CHARACTERS ? String(text.length) : String(all.length);
  return {
    lines: [
      ...lines,
      {
        kind: 'unread',
        code: 'too-many',
        found,
        names,
        offers: [],
        text: '',
        row: rows.length,
        column: 0,
      },
    ],
  };
};

/**
 * Everything that a line may put in, by any of its readings, read or not: what dangers are judged
 * over.
 */
export const ingredientsNamed = (line: Line): IngredientId[] => {
  if (line.kind === 'unread') return [...line.names];
  if (line.kind !== 'ingredients') return [];
  return line.readings.flatMap(({ items }) => items.map(({ ingredient }) => ingredient));
};

/** A line with other words for those that name a certain kind of ingredient, else as typed. */
export const renamed = (
  line: Line,
  isMeant: (id: IngredientId) => boolean,
  name: string,
): string => {
  const text = line.text.trim();
  const named = tokensOf(text, lexicon).filter(
    (token) => token.kind === 'ingredient' && token.either.some(({ id }) => isMeant(id)),
  );
  return named.reduceRight(
    (words, { at, text: found }) =>
      words.slice(0, at) + name + words.slice(at + found.trimEnd().length),
    text,
  );
};
