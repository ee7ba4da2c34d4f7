import { groupsOf } from '../apart/groupsOf.ts';
import { figuresOfBite, judgeCombination, productOf } from '../apart/judgeCombination.ts';
import { requiredContact } from '../contact/requiredContact.ts';
import { isGeneric, type Active } from '../domain/families.ts';
import { disinfectingSpan, widestSpan } from '../families/index.ts';
import { labelStrength, type ProductLabel } from '../homes/label.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';

/** What a batch is poured for. */
export type Purpose = 'clean' | 'disinfect';

/** What a batch of that strength may be called. */
export type BatchName =
  | 'of disinfecting strength'
  | 'for respiratory illness only'
  | 'a cleaner'
  | 'a cleaner and descaler'
  | 'a registered product';

export interface BatchVerdict extends Verdict {
  name: BatchName;
}

/** The stock a batch is poured from; strength as a fraction, times in ms since 1970. */
interface Source {
  active: Active;
  strength: number;
  expiresAt: number;
  label?: ProductLabel | null;
}

/**
 * Whether a batch may be poured for a purpose: a disinfecting one must be inside the span that the
 * evidence and the house rules allow. `name` says what the result is in any case.
 */
export const judgeBatchTarget = (
  stock: Source,
  target: number,
  purpose: Purpose,
  { rules, now, book }: Judging,
): BatchVerdict => {
  const reasons: Reason[] = isGeneric(stock.active)
    ? [
        ...requiredContact(
          { active: stock.active, strength: target },
          { goal: purpose, against: purpose === 'disinfect' ? 'respiratory' : 'everyday' },
          rules,
        ).reasons,
      ]
    : [];
  if (!isGeneric(stock.active) && Math.abs(target - labelStrength(stock.label)) > 1e-9)
    reasons.push({ code: 'not-as-sold', outcome: 'never', source: 'product label, as entered' });
  if (target > stock.strength * (1 + 1e-9)) {
    reasons.push({
      code: 'stronger-than-stock',
      outcome: 'never',
      figures: { strength: target, stock: stock.strength, active: stock.active },
      source: 'arithmetic',
    });
  }
  if (stock.expiresAt <= now)
    reasons.push({
      code: 'stock-expired',
      outcome: 'never',
      figures: { expiresAt: stock.expiresAt },
      source: 'product label',
    });
  // A bottle of it is poured with water, or is the first of it in that bottle: what must not meet
  // water is not poured.
  for (const bite of judgeCombination(
    productOf({ ...stock, strength: target, groups: groupsOf(stock) }),
    { groups: ['water'] },
    { route: 'vessel' },
    book,
  ).bites) {
    if (bite.severity === 'never')
      reasons.push({
        code: 'not-with-water',
        outcome: 'never',
        figures: figuresOfBite(bite),
        source: bite.source,
      });
  }
  return { ...verdictOf(reasons), name: nameOf(stock.active, target, rules) };
};

/** What a solution of that strength is, whatever somebody wants of it. */
export const nameOf = (active: Active, strength: number, rules: HouseRules): BatchName => {
  if (!isGeneric(active)) return 'a registered product';
  const span = disinfectingSpan(active, 'everyday', rules);
  if (span && strength >= span.floor * (1 - 1e-9) && strength * (1 - 1e-9) <= span.top)
    return 'of disinfecting strength';
  const wide = widestSpan(active, rules);
  if (wide && strength >= wide.floor * (1 - 1e-9) && strength * (1 - 1e-9) <= wide.top)
    return 'for respiratory illness only';
  return active === 'acetic acid' ? 'a cleaner and descaler' : 'a cleaner';
};
