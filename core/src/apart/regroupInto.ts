import { isAgainst, type Book, type Route } from '../reference/neverCombine.ts';
import type { Product } from './judgeCombination.ts';
import { judgeSet } from './judgeSet.ts';

/** Things that must leave a place, by their places in it, and where they go: -1 is a new place. */
export interface Move {
  items: number[];
  into: number;
}

/**
 * Where each group goes that cannot stay: into the first other place that takes all of it without
 * anything against it, the emptiest first; where none does, into a new one. `others`: what stands in
 * each of the other places of that kind. No place is given two groups that do not go together.
 */
export const regroupInto = (
  products: readonly Product[],
  others: readonly (readonly Product[])[],
  route: Route,
  book: Book,
): Move[] => {
  const standing = others.map((one) => [...one]);
  const [, ...away] = judgeSet(products, route, {}, book).regrouped.groups;
  return away.map((items) => {
    const moved = items.map((at) => products[at]!);
    const into = standing
      .map((there, at) => ({ at, there }))
      .sort((a, b) => a.there.length - b.there.length)
      .find(({ there }) => !isAgainst(judgeSet([...there, ...moved], route, {}, book).severity));
    if (into) standing[into.at]!.push(...moved);
    return { items, into: into?.at ?? -1 };
  });
};
