import {
  isAgainst,
  type Book,
  type Circumstances,
  type Route,
  type Severity,
} from '../reference/neverCombine.ts';
import { judgeCombination, worstOf, type Combination, type Product } from './judgeCombination.ts';
import { regroup, type Grouping } from './regroup.ts';

/** Two of a set, by their places in it, that do not go together there. */
export interface Conflict {
  a: number;
  b: number;
  combination: Combination;
}

export interface SetVerdict {
  /**
   * The worst of all pairs: `no-rule` where nothing speaks against any, but of one nobody has
   * written that it may.
   */
  severity: Severity;
  /** Every conflicting pair, worst first. */
  conflicts: Conflict[];
  /** How to part them: the first group stays. */
  regrouped: Grouping;
}

const ranked: Record<Severity, number> = { never: 0, spoils: 1, care: 2, 'no-rule': 3, fine: 4 };

/**
 * By how many rules and routes something is never with others: where either could go, the bleach
 * goes and not the vinegar.
 */
const harmOf = ({ groups }: Product, book: Book): number =>
  book
    .filter(
      ({ one, other }) => groups.includes(one) || (other !== 'anything' && groups.includes(other)),
    )
    .reduce(
      (sum, { by }) => sum + Object.values(by).filter((severity) => severity === 'never').length,
      0,
    );

/**
 * What stands, is carried or is kept together: every pair that must not, and the smallest
 * regrouping that parts them.
 */
export const judgeSet = (
  products: readonly Product[],
  route: Route,
  place: Circumstances,
  book: Book,
): SetVerdict => {
  // Alike products are judged once: a shelf holds several of a kind.
  const kinds = products.map(({ groups, strength }) => `${groups.join()} ${strength ?? ''}`);
  const known = new Map<string, Combination>();
  const judged = (a: number, b: number): Combination => {
    const key = `${kinds[a]} ${kinds[b]}`;
    const combination =
      known.get(key) ?? judgeCombination(products[a]!, products[b]!, { route, ...place }, book);
    known.set(key, combination);
    return combination;
  };
  let severity: Severity = 'fine';
  const conflicts = products
    .flatMap((_, a) =>
      products.slice(a + 1).flatMap((__, i): Conflict[] => {
        const combination = judged(a, a + 1 + i);
        severity = worstOf([severity, combination.severity]);
        return isAgainst(combination.severity) ? [{ a, b: a + 1 + i, combination }] : [];
      }),
    )
    .sort((x, y) => ranked[x.combination.severity] - ranked[y.combination.severity]);
  const weights = products.map((product) => harmOf(product, book));
  return {
    severity,
    conflicts,
    regrouped: regroup(
      products.length,
      conflicts.map(({ a, b }) => [a, b]),
      weights,
    ),
  };
};
