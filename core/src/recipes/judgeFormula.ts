import { figuresOfBite } from '../apart/judgeCombination.ts';
import { disinfectingSpan } from '../families/index.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { ingredientOf } from '../reference/ingredients.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Formula } from '../solutions/analyseFormula.ts';
import type { Portion } from '../solutions/portion.ts';
import type { Reason, ReasonOf } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { clashesAmong, type Clash } from './clashes.ts';
import { safetyReasons, spentReasons } from './safetyReasons.ts';
import { type Claim, slack } from './claim.ts';

/** What a mixture is, whatever it is said to be; the worse the earlier. */
export const mixtureNames = [
  'dangerous',
  'not known yet',
  'nothing',
  'cleaner',
  'descaler',
  'disinfecting',
] as const;

export type MixtureName = (typeof mixtureNames)[number];

export interface FormulaVerdict extends Verdict {
  name: MixtureName;
}

/** Which house rules and which book a recipe is judged by. */
export interface RecipeRules {
  rules: HouseRules;
  book: Book;
}

/**
 * From here on something is done: acid on lime, detergent or alkali on grease. Source: common
 * practice, no source.
 */
const DESCALING_ACID = 0.01;

const CLEANING = {
  detergent: 0.0005,
  soap: 0.0005,
  'sodium carbonate': 0.002,
  'sodium hydrogencarbonate': 0.01,
  borax: 0.005,
  ammonia: 0.001,
  alcohol: 0.05,
  acid: 0.005,
  peroxide: 0.003,
  acetone: 0.05,
} as const;

/** Least chlorine that disinfects anything, w/v. Source: CDC-home, WHO-2020. */
const CHLORINE_FLOOR = 0.001;

const within = (
  strength: number,
  active: 'ethanol' | 'hydrogen peroxide',
  rules: HouseRules,
): boolean => {
  const span = disinfectingSpan(active, 'everyday', rules);
  return span !== undefined && strength * slack >= span.floor && strength <= span.top * slack;
};

const nameOfFormula = (
  formula: Formula,
  clashes: readonly Clash[],
  rules: HouseRules,
): MixtureName => {
  if (clashes.some(({ severity }) => severity === 'never')) return 'dangerous';
  const { alcohol, peroxide, acid } = formula.strengths;
  const spoilt = clashes.some(({ rule }) => rule === 'peroxide-alcohol');
  if (
    !spoilt &&
    (within(alcohol, 'ethanol', rules) || within(peroxide, 'hydrogen peroxide', rules))
  )
    return 'disinfecting';
  if (acid >= DESCALING_ACID) return 'descaler';
  const amounts: Record<string, number> = { alcohol, acid, peroxide };
  for (const { component, ww } of formula.constituents)
    amounts[component] = Math.max(amounts[component] ?? 0, ww);
  return Object.entries(CLEANING).some(([of, least]) => (amounts[of] ?? 0) >= least)
    ? 'cleaner'
    : 'nothing';
};

const holds = ({ portions }: Formula, component: string): boolean =>
  portions.some(({ masses }) => component in masses);

/** What of the actives speaks for or against disinfecting with it. */
const strengthReasons = (formula: Formula, rules: HouseRules): Reason[] => {
  const { strengths } = formula;
  const reasons: Reason[] = [];
  const judge = (
    active: 'ethanol' | '2-propanol' | 'hydrogen peroxide',
    strength: number,
    source: string,
  ) => {
    const span = disinfectingSpan(active, 'everyday', rules)!;
    const figures = { strength, floor: span.floor, top: span.top, active };
    if (strength * slack < span.floor)
      reasons.push({ code: 'below-floor', outcome: 'never', figures, source });
    else if (strength > span.top * slack)
      reasons.push({ code: 'above-evidence', outcome: 'never', figures, source });
    else reasons.push({ code: 'in-strength', outcome: 'use', figures, source });
  };
  if (strengths.alcohol > 0)
    judge(
      holds(formula, '2-propanol') ? '2-propanol' : 'ethanol',
      strengths.alcohol,
      'CDC-2008; WHO-2020; house rule',
    );
  if (strengths.peroxide > 0) judge('hydrogen peroxide', strengths.peroxide, 'CDC-2008');
  if (holds(formula, 'acetic acid')) {
    reasons.push({
      code: 'not-a-disinfectant',
      outcome: 'never',
      figures: { active: 'acetic acid' },
      source: 'EPA; CDC-2008; Rutala-2000',
    });
  }
  const { hypochlorite } = strengths;
  if (hypochlorite > 0 && hypochlorite < CHLORINE_FLOOR) {
    const figures = {
      strength: hypochlorite,
      floor: CHLORINE_FLOOR,
      top: CHLORINE_FLOOR,
      active: 'sodium hypochlorite' as const,
    };
    reasons.push({ code: 'below-floor', outcome: 'never', figures, source: 'CDC-home; WHO-2020' });
  }
  if (reasons.length === 0)
    reasons.push({ code: 'no-active', outcome: 'never', source: 'CDC-2008; Rutala-2000' });
  return reasons;
};

const isUncredited = ({ ingredient }: Portion): boolean => {
  const { role, groups } = ingredientOf(ingredient);
  return role === 'scent' || groups.includes('metal') || ingredient === 'lemon juice';
};

/**
 * What a mixture may be called, and whether it is what it is said to be. Never where anything in it
 * must not share a bottle, is too strong for this work, or is refused by the house; scents, silver,
 * lemon and oils count for nothing. Sources: each reason carries its own.
 */
export const judgeFormula = (
  formula: Formula,
  claim: Claim,
  { rules, book }: RecipeRules,
): FormulaVerdict => {
  const clashes = clashesAmong(formula.portions, book);
  const name = nameOfFormula(formula, clashes, rules);
  const reasons: Reason[] = clashReasons(clashes);
  if (claim === 'disinfect') {
    const strengths = strengthReasons(formula, rules);
    reasons.push(
      ...(name === 'disinfecting'
        ? strengths.filter(({ outcome }) => outcome === 'use')
        : strengths),
    );
  }
  reasons.push(...safetyReasons(formula, claim, rules), ...spentReasons(formula));
  const nothing = formula.portions.find(isUncredited);
  if (nothing)
    reasons.push({
      code: 'counts-for-nothing',
      outcome: 'use',
      figures: { ingredient: nothing.ingredient },
      source: 'common practice, no source',
    });
  if (claim === 'descale' && name !== 'descaler' && name !== 'dangerous') {
    reasons.push({
      code: 'no-acid-left',
      outcome: 'never',
      figures: { acid: formula.strengths.acid, floor: DESCALING_ACID },
      source: 'stoichiometry; common practice',
    });
  }
  if (claim === 'clean' && name === 'nothing')
    reasons.push({
      code: 'cleans-nothing',
      outcome: 'never',
      source: 'common practice, no source',
    });
  return { ...verdictOf(reasons), name };
};

type ClashReason = ReasonOf<'must-not-share-a-bottle'>;

/** Pairs that speak against each other, as reasons. */
export const clashReasons = (clashes: readonly Clash[]): ClashReason[] =>
  clashes.map(({ a, b, ...bite }): ClashReason => ({
    code: 'must-not-share-a-bottle',
    outcome: bite.severity === 'never' ? 'never' : 'care',
    figures: { a, b, severity: bite.severity, ...figuresOfBite(bite) },
    source: bite.source,
  }));
