import type { Active } from '../domain/families.ts';
import { inFull, kin, waters, type Group } from '../domain/groups.ts';
import { activeFacts } from '../families/index.ts';
import {
  isAgainst,
  remedyOf,
  severities,
  type Act,
  type Book,
  type Circumstances,
  type Harm,
  type Route,
  type Rule,
  type Severity,
} from '../reference/neverCombine.ts';
import type { Bitten } from '../verdict/figures.ts';
import { indexOf } from './ruleIndex.ts';
import { type ByRoute } from './ruleIndex.ts';

/**
 * Something that can meet something else: its groups, and how strong its peroxide is if any
 * (fraction w/v).
 */
export interface Product {
  groups: readonly Group[];
  strength?: number;
}

/** A stock or a batch as something that can meet something else. */
export const productOf = (of: {
  groups: readonly Group[];
  active: Active;
  strength: number;
}): Product => ({
  groups: of.groups,
  ...(activeFacts[of.active].group === 'peroxide' ? { strength: of.strength } : {}),
});

/**
 * One rule that bites, at the severity it has here, and what lifts it: nothing where that is
 * `null`.
 */
export interface Bite {
  rule: string;
  severity: Severity;
  harm: Harm | null;
  source: string;
  remedy: readonly Act[] | null;
  /** The words of a company's own rule. */
  says?: Rule['says'];
}

export interface Combination {
  /**
   * The worst bite; `fine` only where rows of the book say so of all that is in both, else
   * `no-rule`.
   */
  severity: Severity;
  /** Every rule that bites, worst first. */
  bites: Bite[];
}

const rank = (severity: Severity): number => severities.indexOf(severity);

export const worstOf = (list: readonly Severity[]): Severity =>
  list.reduce((a, b) => (rank(b) > rank(a) ? b : a), 'fine');

/** "Anything" is every other product, also one of no group; water only where the rule says so. */
const isAnything = ({ one, id, water }: Rule, other: readonly Group[]): boolean => {
  const alike: readonly Group[] = [one, ...(kin[one] ?? [])];
  if (id === 'unknown' && other.includes('unknown')) return true;
  return (
    other.length === 0 ||
    other.some((group) => !alike.includes(group) && (water || !waters.includes(group)))
  );
};

const none: readonly Rule[] = [];

const naming = ({ named }: ByRoute, g: Group, h: Group): readonly Rule[] =>
  named.get(g)?.get(h) ?? none;

/**
 * Rows that speak of the two, as they stand in the book, and in a vessel of what is in one of them
 * alone: percarbonate reacts once it is wet.
 */
const rowsFor = (a: Product, b: Product, route: Route, index: ByRoute): Rule[] => {
  const rows: Rule[] = [];
  for (const g of a.groups) for (const h of b.groups) rows.push(...naming(index, g, h));
  for (const [one, other] of [
    [a.groups, b.groups],
    [b.groups, a.groups],
  ] as const) {
    for (const g of one)
      rows.push(...(index.anything.get(g) ?? none).filter((rule) => isAnything(rule, other)));
    if (route === 'vessel')
      for (const g of one) for (const h of one) if (g !== h) rows.push(...naming(index, g, h));
  }
  return [...new Set(rows)].sort((x, y) => index.place.get(x)! - index.place.get(y)!);
};

const strongestPeroxide = (...both: Product[]): number | undefined => {
  const strengths = both
    .filter(({ groups }) => groups.includes('peroxide'))
    .map(({ strength }) => strength);
  if (strengths.length === 0 || strengths.includes(undefined)) return undefined;
  return Math.max(...(strengths as number[]));
};

const isLifted = (remedy: readonly Act[] | null, done: readonly Act[] = []): boolean =>
  remedy !== null && remedy.length > 0 && remedy.every((act) => done.includes(act));

/** Whether rows of the book speak of every kind in one with every kind in the other. */
const isCovered = (a: Product, b: Product, index: ByRoute): boolean =>
  a.groups.length > 0 &&
  b.groups.length > 0 &&
  a.groups.every((g) => b.groups.every((h) => naming(index, g, h).length > 0));

/** By which route two meet, and what is known of the circumstances. */
export interface Encounter extends Circumstances {
  route: Route;
}

/**
 * Whether two products may meet by a route: the worst rule and all of them. Symmetric. What is
 * unknown of the circumstances is taken as the worse; a rule whose remedy has been done between
 * them does not bite. Where no row speaks the answer is `no-rule`, never yes. Source: each rule
 * carries its own.
 */
export const judgeCombination = (
  one: Product,
  other: Product,
  { route, ...place }: Encounter,
  book: Book,
): Combination => {
  const [a, b] = [one, other].map((product) => ({
    ...product,
    groups: inFull(product.groups),
  })) as [Product, Product];
  const index = indexOf(book, route);
  const known: Circumstances = { peroxideStrength: strongestPeroxide(a, b), ...place };
  // The listed severity is the worst there is: a row that lets them meet never bites.
  const bites = rowsFor(a, b, route, index)
    .filter((rule) => isAgainst(rule.by[route]!))
    .map((rule): Bite => {
      const listed = rule.by[route]!;
      const severity = rule.when?.(route, listed, known) ?? listed;
      const remedy = remedyOf(rule.id, route, known);
      const { id, harm, source, says } = rule;
      return {
        rule: id,
        severity,
        harm: isAgainst(severity) ? harm : null,
        source,
        remedy,
        ...(says ? { says } : {}),
      };
    })
    .filter(({ severity, remedy }) => isAgainst(severity) && !isLifted(remedy, known.done))
    .sort((x, y) => rank(y.severity) - rank(x.severity));
  const once = bites.filter((bite, i) => bites.findIndex(({ rule }) => rule === bite.rule) === i);
  if (once.length > 0) return { severity: once[0]!.severity, bites: once };
  return { severity: isCovered(a, b, index) ? 'fine' : 'no-rule', bites: [] };
};

/** What a reason says of a bite. */
export const figuresOfBite = ({ rule, remedy, says }: Bitten): Bitten => ({
  rule,
  remedy,
  ...(says ? { says } : {}),
});
