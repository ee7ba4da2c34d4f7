import { rules, type Book, type Circumstances, type Route, type Severity } from '../reference/neverCombine.ts';
import { judgeCombination, worstOf, type Combination, type Product } from './judgeCombination.ts';
import { regroup, type Grouping } from './regroup.ts';

/** Two of a set, by their places in it, that do not go together there. */
export interface Conflict {
  a: number;
  b: number;
  combination: Combination;
}

export interface SetVerdict {
  severity: Severity;
  /** Every conflicting pair, worst first. */
  conflicts: Conflict[];
  /** How to part them: the first group stays. */
  regrouped: Grouping;
}

const ranked: Record<Severity, number> = { never: 0, spoils: 1, care: 2, fine: 3 };

/** What stands, is carried or is kept together: every pair that must not, and the smallest regrouping that parts them. */
export const judgeSet = (products: readonly Product[], route: Route, place: Circumstances = {}, book: Book = rules): SetVerdict => {
  const byRoute = book.filter((rule) => rule.by[route]);
  const conflicts = products.flatMap((one, a) =>
    products.slice(a + 1).flatMap((other, i): Conflict[] => {
      const combination = judgeCombination(one, other, route, place, byRoute);
      return combination.severity === 'fine' ? [] : [{ a, b: a + 1 + i, combination }];
    }),
  ).sort((x, y) => ranked[x.combination.severity] - ranked[y.combination.severity]);
  return { severity: worstOf(conflicts.map(({ combination }) => combination.severity)), conflicts, regrouped: regroup(products.length, conflicts.map(({ a, b }) => [a, b])) };
};
