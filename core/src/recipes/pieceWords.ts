import { type IngredientId } from '../reference/ingredients.ts';
import { rule } from './grammar.ts';
import type { Piece, UnreadCode } from './line.ts';
import type { Token } from './token.ts';

export const rules = {
  liquid: rule('liquid'),
  temperature: rule('(of|to)? number temperature+'),
  per: rule('per (number|article)? qualifier* unit of? ingredient?'),
  dilution: rule('strong|ratio'),
  strong: rule('strong'),
  ratio: rule('ratio'),
  each: rule('each'),
  equal: rule('equal of?'),
  or: rule('or'),
  ingredient: rule('ingredient|piece'),
  number: rule('number'),
  sized: rule('vessel|makes'),
  cloths: rule('number qualifier* cloth'),
  firstIsHandling: rule('^(with|and|comma|stop|plain|to|qualifier)*handling'),
};

/** Kinds that say nothing of what it is where they are left over. */
const SILENT = new Set([
  'article',
  'verb',
  'handling',
  'vessel',
  'cloth',
  'to',
  'per',
  'of',
  'with',
  'and',
  'plus',
  'comma',
  'colon',
  'dash',
  'stop',
  'open',
  'close',
  'plain',
  'full',
  'juice',
  'basis',
  'makes',
  'brim',
]);

export const isSilent = (token: Token): boolean =>
  SILENT.has(token.kind) ||
  (token.kind === 'qualifier' && (token.is === 'level' || token.is === 'us'));

export const textOf = (tokens: readonly Token[]): string =>
  tokens.map(({ text }) => text.trim()).join(' ');

export const unread = (
  code: UnreadCode,
  found: string,
  names: readonly IngredientId[] = [],
  offers: readonly string[] = [],
): Piece => ({ kind: 'unread', code, found, names, offers });
