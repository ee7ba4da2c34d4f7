import { type Written } from './strengths.ts';
import type { Token } from './token.ts';
import { type Named } from './named.ts';

/**
 * A written strength belongs to what stands before it, where nothing parts the two; else to what
 * comes next.
 */
const ownerOf = (
  written: Written,
  named: readonly Named[],
  tokens: readonly Token[],
): number | undefined => {
  const before = named.findLast(({ at }) => at < written.at)?.at;
  const parted =
    before !== undefined &&
    tokens.some(({ kind, at }) => at > before && at < written.at && PARTS.has(kind));
  const behind = named.find(({ at }) => at > written.at)?.at;
  return before === undefined || (parted && behind !== undefined) ? behind : before;
};

const PARTS = new Set<Token['kind']>(['and', 'plus', 'with', 'or']);

export const withOwners = (
  written: readonly Written[],
  named: readonly Named[],
  tokens: readonly Token[],
): Map<number, Written> => {
  const owned = new Map<number, Written>();
  for (const one of written) {
    const owner = ownerOf(one, named, tokens);
    if (owner !== undefined && !owned.has(owner)) owned.set(owner, one);
  }
  return owned;
};
