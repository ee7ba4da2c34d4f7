import { disinfectingSpan } from '../contact/requiredContact.ts';
import { figuresOfBite, judgeCombination, type Bite } from '../hazards/judgeCombination.ts';
import { cautiousRules, type HouseRules } from '../reference/houseRules.ts';
import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { rules as reference, type Book, type RuleId } from '../reference/neverCombine.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import type { Formula } from './analyseFormula.ts';
import type { Portion } from './portions.ts';

export const claims = ['disinfect', 'clean', 'descale'] as const;
/** What somebody says a recipe is for. */
export type Claim = (typeof claims)[number];

/** What a mixture is, whatever it is said to be. */
export const mixtureNames = ['disinfecting', 'cleaner', 'descaler', 'nothing', 'dangerous'] as const;
export type MixtureName = (typeof mixtureNames)[number];

export interface FormulaVerdict extends Verdict {
  name: MixtureName;
}

/** Two ingredients of a recipe, by the rule that speaks against them in one bottle. */
export interface Clash extends Bite {
  a: IngredientId;
  b: IngredientId;
}

/** From here on something is done: acid on lime, detergent or alkali on grease. Source: common practice, no source. */
const DESCALING_ACID = 0.01;
const CLEANING = { detergent: 0.0005, soap: 0.0005, 'sodium carbonate': 0.002, 'sodium hydrogencarbonate': 0.01, borax: 0.005, ammonia: 0.001, alcohol: 0.05, acid: 0.005, peroxide: 0.003, 'sodium hydroxide': 0.001, 'sodium hypochlorite': 0.0005 } as const;

const strongest = (portions: readonly Portion[]) => Math.max(0, ...portions.filter(({ ingredient }) => ingredientOf(ingredient).groups.includes('peroxide')).map(({ strength }) => strength ?? 1));

/** Two rules on which schools differ: soap and vinegar, and the fizz in an open bowl. */
const asTheHouseHasIt = ({ rule, severity }: Bite, rules: Pick<HouseRules, 'soapAndVinegar' | 'vinegarAndSoda'>): Clash['severity'] => {
  if (rule === 'curdles' && rules.soapAndVinegar === 'water-first') return 'care';
  return rule === 'fizz' && rules.vinegarAndSoda === 'one-step' ? 'spoils' : severity;
};

/** Every pair in a bottle that a rule speaks against, the worst first. An open bowl is not trusted to stay open. */
export const clashesIn = (portions: readonly Portion[], rules: Pick<HouseRules, 'soapAndVinegar' | 'vinegarAndSoda'> = cautiousRules, book: Book = reference): Clash[] => {
  const ids = [...new Set(portions.map(({ ingredient }) => ingredient))];
  const peroxideStrength = strongest(portions);
  return ids
    .flatMap((a, i) => ids.slice(i + 1).flatMap((b) =>
      judgeCombination({ groups: ingredientOf(a).groups }, { groups: ingredientOf(b).groups }, 'vessel', { peroxideStrength }, book)
        .bites.map((bite): Clash => ({ ...bite, a, b, severity: asTheHouseHasIt(bite, rules) }))))
    .sort((x, y) => ['never', 'spoils', 'care'].indexOf(x.severity) - ['never', 'spoils', 'care'].indexOf(y.severity));
};

const nameOfFormula = (formula: Formula, clashes: Clash[], rules: HouseRules): MixtureName => {
  if (clashes.some(({ severity }) => severity === 'never')) return 'dangerous';
  const { alcohol, peroxide, acid } = formula.strengths;
  const spoilt = (rule: RuleId) => clashes.some((clash) => clash.rule === rule);
  const within = (strength: number, active: 'ethanol' | 'hydrogen peroxide') => {
    const span = disinfectingSpan(active, 'everyday', rules);
    return span !== undefined && strength >= span.floor * (1 - 1e-9) && strength * (1 - 1e-9) <= span.top;
  };
  if (!spoilt('peroxide-alcohol') && (within(alcohol, 'ethanol') || within(peroxide, 'hydrogen peroxide'))) return 'disinfecting';
  if (acid >= DESCALING_ACID) return 'descaler';
  const amounts = { alcohol, acid, peroxide } as Record<string, number>;
  for (const { component, ww } of formula.constituents) amounts[component] = Math.max(amounts[component] ?? 0, ww);
  return Object.entries(CLEANING).some(([of, least]) => (amounts[of] ?? 0) >= least) ? 'cleaner' : 'nothing';
};

const strengthReasons = ({ strengths, portions }: Formula, rules: HouseRules): Reason[] => {
  const reasons: Reason[] = [];
  const judge = (active: 'ethanol' | '2-propanol' | 'hydrogen peroxide', strength: number, source: string) => {
    const span = disinfectingSpan(active, 'everyday', rules)!;
    const figures = { strength, floor: span.floor, top: span.top, active };
    if (strength < span.floor * (1 - 1e-9)) reasons.push({ code: 'below-floor', outcome: 'never', figures, source });
    else if (strength * (1 - 1e-9) > span.top) reasons.push({ code: 'above-evidence', outcome: 'never', figures, source });
    else reasons.push({ code: 'in-strength', outcome: 'use', figures, source });
  };
  const has = (id: string) => portions.some(({ masses }) => id in masses);
  if (strengths.alcohol > 0) judge(has('2-propanol') ? '2-propanol' : 'ethanol', strengths.alcohol, 'CDC-2008, WHO-2020 (memory); house rule');
  if (strengths.peroxide > 0) judge('hydrogen peroxide', strengths.peroxide, 'CDC-2008 (memory)');
  if (has('acetic acid') && disinfectingSpan('acetic acid', 'everyday', rules) === undefined) reasons.push({ code: 'not-a-disinfectant', outcome: 'never', figures: { active: 'acetic acid' }, source: 'EPA lists; CDC-2008, Rutala-2000 (memory)' });
  if (strengths.hypochlorite > 0) reasons.push({ code: 'not-carried', outcome: rules.bleach === 'named-cases' ? 'care' : 'never', figures: { strength: strengths.hypochlorite }, source: 'house rule' });
  if (reasons.length === 0) reasons.push({ code: 'no-active', outcome: 'never', source: 'CDC-2008, Rutala-2000 (memory)' });
  return reasons;
};

const uncredited = (portion: Portion): boolean => {
  const { role, groups } = ingredientOf(portion.ingredient);
  return role === 'scent' || groups.includes('metal') || portion.ingredient === 'lemon juice';
};

/**
 * What a mixture may be called, and whether it is what it is said to be. Never where anything in it must not share a
 * bottle; scents, silver, lemon and oils count for nothing. Sources: each reason carries its own.
 */
export const judgeFormula = (formula: Formula, claim: Claim, rules: HouseRules, book: Book = reference): FormulaVerdict => {
  const clashes = clashesIn(formula.portions, rules, book);
  const name = nameOfFormula(formula, clashes, rules);
  const reasons: Reason[] = clashes.map(({ a, b, ...bite }) => ({
    code: 'must-not-share-a-bottle', outcome: bite.severity === 'never' ? 'never' : 'care', figures: { a, b, severity: bite.severity, ...figuresOfBite(bite) }, source: bite.source,
  }));
  if (claim === 'disinfect' && name !== 'disinfecting') reasons.push(...strengthReasons(formula, rules));
  if (claim === 'disinfect' && name === 'disinfecting') reasons.push(...strengthReasons(formula, rules).filter(({ outcome }) => outcome === 'use'));
  for (const { id, of, with: other, spent, spentWith } of formula.reactions) {
    if (id === 'acid-carbonate' || id === 'acid-soap' || id === 'acid-borax') reasons.push({ code: id === 'acid-soap' ? 'soap-split' : 'used-up', outcome: 'care', figures: { of, with: other, spent, spentWith }, source: 'stoichiometry' });
  }
  const nothing = formula.portions.find(uncredited);
  if (nothing) reasons.push({ code: 'counts-for-nothing', outcome: 'use', figures: { ingredient: nothing.ingredient }, source: 'common practice; no accepted evidence' });
  if (claim === 'descale' && name !== 'descaler' && name !== 'dangerous') reasons.push({ code: 'no-acid-left', outcome: 'never', figures: { acid: formula.strengths.acid, floor: DESCALING_ACID }, source: 'stoichiometry; common practice' });
  if (claim === 'clean' && name === 'nothing') reasons.push({ code: 'cleans-nothing', outcome: 'never', source: 'common practice, no source' });
  return { ...verdictOf(reasons), name };
};
