import type { Group } from '../domain/groups.ts';
import { familyFacts } from '../families/index.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { ingredientOf } from '../reference/ingredients.ts';
import type { Formula } from '../solutions/analyseFormula.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { type Claim, slack } from './claim.ts';

/** Strongest that may be used to clean with, as fractions in the usual basis. */
const cleaningTops = {
  'hydrogen peroxide': familyFacts.peroxide.cleaningTop,
  'acetic acid': familyFacts.vinegar.cleaningTop,
  alcohol: familyFacts.alcohol.cleaningTop,
};

const cleanedWith = ['hydrogen peroxide', 'acetic acid', 'alcohol'] as const;

/** Acetic acid inside an appliance that is descaled, w/v. Source: CLP. */
const DESCALING_TOP = 0.25;

/**
 * From this mass fraction a solvent's vapour is counted as one that lights. Source: GHS, cautious.
 */
const SOLVENT_BURNS = 0.05;

const refusedGroups: readonly Group[] = ['hydrofluoric', 'strong-acid', 'strong-alkali', 'unknown'];

/** Stronger than anything is cleaned with. */
const tooStrong = ({ strengths }: Formula, claim: Claim): Reason[] => {
  const tops = {
    ...cleaningTops,
    ...(claim === 'descale' ? { 'acetic acid': DESCALING_TOP } : {}),
  };
  const inIt = {
    'hydrogen peroxide': strengths.peroxide,
    'acetic acid': strengths.acid,
    alcohol: strengths.alcohol,
  };
  return cleanedWith.flatMap((active): Reason[] => {
    const [strength, top] = [inIt[active], tops[active]];
    return strength > top * slack
      ? [forbidden('above-cleaning-top', 'CLP', { strength, top, active })]
      : [];
  });
};

/** What the house does not carry, or nobody should have in hand at all. */
const refused = ({ portions, strengths }: Formula, rules: HouseRules): Reason[] => {
  const reasons: Reason[] = [];
  if (strengths.hypochlorite > 0) {
    const outcome = rules.bleach === 'named-cases' ? 'care' : 'never';
    const figures = { strength: strengths.hypochlorite };
    reasons.push({ code: 'not-carried', outcome, figures, source: 'house rule' });
  }
  for (const { ingredient } of portions) {
    if (!ingredientOf(ingredient).groups.some((group) => refusedGroups.includes(group))) continue;
    reasons.push(forbidden('must-not-be-used', 'labels', { ingredient }));
  }
  return reasons;
};

/** A solvent that burns where there is no alcohol to have been warned of. */
const solventReasons = (formula: Formula): Reason[] => {
  if (formula.strengths.alcohol > 0) return [];
  const burning = formula.constituents.find(
    ({ component }) => component === 'acetone' || component === 'terpene',
  );
  if (!burning || burning.ww < SOLVENT_BURNS) return [];
  const figures = { strength: burning.ww };
  return [{ code: 'solvent-burns', outcome: 'care', figures, source: 'CLP; GHS' }];
};

/**
 * What nobody should have on hand for this work, whatever it is for: too strong, or refused by the
 * house.
 */
export const safetyReasons = (formula: Formula, claim: Claim, rules: HouseRules): Reason[] => [
  ...tooStrong(formula, claim),
  ...refused(formula, rules),
  ...solventReasons(formula),
];

/** What the ingredients have done to each other in the bottle, short of hurting anybody. */
export const spentReasons = ({ reactions }: Formula): Reason[] =>
  reactions.flatMap(({ id, of, with: other, spent, spentWith }): Reason[] => {
    if (id !== 'acid-carbonate' && id !== 'acid-soap' && id !== 'acid-borax') return [];
    const code = id === 'acid-soap' ? 'soap-split' : 'used-up';
    return [
      {
        code,
        outcome: 'care',
        figures: { of, with: other, spent, spentWith },
        source: 'stoichiometry',
      },
    ];
  });
