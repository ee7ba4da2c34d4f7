import { rules, severities, type Circumstances, type Group, type Route, type Rule, type Severity } from '../reference/neverCombine.ts';

/** Something that can meet something else: its reactive groups, and the strength of its peroxide if any (fraction w/v). */
export interface Product {
  groups: readonly Group[];
  strength?: number;
}

/** One rule that bites, at the severity it has here. */
export interface Bite {
  rule: string;
  severity: Severity;
  source: string;
}

export interface Combination {
  severity: Severity;
  /** Every rule that bites, worst first. */
  bites: Bite[];
}

const rank = (severity: Severity): number => severities.indexOf(severity);

const bitesBetween = (rule: Rule, one: readonly Group[], other: readonly Group[]): boolean => {
  if (!one.includes(rule.one)) return false;
  if (rule.other !== 'anything') return other.includes(rule.other);
  // "Anything" is another product, water apart: strong acid alone is dangerous with water too.
  return other.some((group) => group !== rule.one && (group !== 'water' || rule.id === 'strong-acid'))
    || (rule.id === 'unknown' && other.includes('unknown'));
};

const strongestPeroxide = (...both: Product[]): number | undefined => {
  const strengths = both.filter((product) => product.groups.includes('peroxide')).map((product) => product.strength);
  return strengths.length === 0 || strengths.includes(undefined) ? undefined : Math.max(...(strengths as number[]));
};

/**
 * Whether two products may meet by a route: the worst rule and all of them. Symmetric. What is unknown of the
 * circumstances is taken as the worse. Source: each rule carries its own.
 */
export const judgeCombination = (a: Product, b: Product, route: Route, place: Circumstances = {}): Combination => {
  const known: Circumstances = { peroxideStrength: strongestPeroxide(a, b), ...place };
  const bites = rules
    .filter((rule) => rule.by[route] && (bitesBetween(rule, a.groups, b.groups) || bitesBetween(rule, b.groups, a.groups)))
    .map((rule) => {
      const listed = rule.by[route]!;
      return { rule: rule.id, severity: rule.when?.(route, listed, known) ?? listed, source: rule.source };
    })
    .filter((bite) => bite.severity !== 'fine')
    .sort((x, y) => rank(y.severity) - rank(x.severity));
  const once = bites.filter((bite, i) => bites.findIndex((other) => other.rule === bite.rule) === i);
  return { severity: once[0]?.severity ?? 'fine', bites: once };
};
