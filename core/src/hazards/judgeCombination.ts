import { activeFacts, type Active } from '../reference/families.ts';
import { remedyOf, rules, severities, type Act, type Book, type Circumstances, type Group, type Route, type Rule, type Severity } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict.ts';

/** Something that can meet something else: its reactive groups, and the strength of its peroxide if any (fraction w/v). */
export interface Product {
  groups: readonly Group[];
  strength?: number;
}

/** A stock or a batch as something that can meet something else. */
export const productOf = ({ groups, active, strength }: { groups: readonly Group[]; active: Active; strength: number }): Product =>
  ({ groups, ...(activeFacts[active].group === 'peroxide' ? { strength } : {}) });

/** One rule that bites, at the severity it has here, and what lifts it: nothing where that is `null`. */
export interface Bite {
  rule: string;
  severity: Severity;
  source: string;
  remedy: readonly Act[] | null;
  /** The words of a company's own rule. */
  says?: Rule['says'];
}

export interface Combination {
  severity: Severity;
  /** Every rule that bites, worst first. */
  bites: Bite[];
}

const rank = (severity: Severity): number => severities.indexOf(severity);
export const worstOf = (list: readonly Severity[]): Severity => list.reduce((a, b) => (rank(b) > rank(a) ? b : a), 'fine');

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

const isLifted = (remedy: readonly Act[] | null, done: readonly Act[] = []): boolean => remedy !== null && remedy.every((act) => done.includes(act));

/**
 * Whether two products may meet by a route: the worst rule and all of them. Symmetric. What is unknown of the
 * circumstances is taken as the worse; a rule whose remedy has been done between them does not bite. Source: each rule carries its own.
 */
export const judgeCombination = (a: Product, b: Product, route: Route, place: Circumstances = {}, book: Book = rules): Combination => {
  const between = book.filter((rule) => rule.by[route] && (bitesBetween(rule, a.groups, b.groups) || bitesBetween(rule, b.groups, a.groups)));
  if (between.length === 0) return { severity: 'fine', bites: [] };
  const known: Circumstances = { peroxideStrength: strongestPeroxide(a, b), ...place };
  const bites = between
    .map((rule): Bite => {
      const listed = rule.by[route]!;
      const remedy = remedyOf(rule.id, route, known);
      return { rule: rule.id, severity: rule.when?.(route, listed, known) ?? listed, source: rule.source, remedy, ...(rule.says ? { says: rule.says } : {}) };
    })
    .filter((bite) => bite.severity !== 'fine' && !isLifted(bite.remedy, known.done))
    .sort((x, y) => rank(y.severity) - rank(x.severity));
  const once = bites.filter((bite, i) => bites.findIndex((other) => other.rule === bite.rule) === i);
  return { severity: once[0]?.severity ?? 'fine', bites: once };
};

/** A bite as figures of a reason: the rule, what lifts it, and the words of a company's own rule. */
export const figuresOfBite = ({ rule, remedy, says }: Bite): NonNullable<Reason['figures']> => ({ rule, remedy: remedy?.join() ?? '', ...says });
