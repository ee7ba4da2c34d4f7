import { disinfectingSpan, analyseFormula, classify, judgeFormula, keepingOf, mend, mixingOrder, parseRecipe, portionsOf, type Active, type Book, type Claim, type Family, type Formula, type HouseRules, type OnShelf, type Portion, type Recipe } from '@zymostat/core';

/** What a recipe's text comes to, all the way: what it is where it can be read, or what is in the way. */
export const analyse = (text: string, claim: Claim, rules: HouseRules, shelf: readonly OnShelf[], book: Book) => {
  const recipe: Recipe = parseRecipe(text);
  const measured = portionsOf(recipe);
  if (!measured.ok) return { recipe, problems: measured.problems, made: null };
  const formula = analyseFormula(measured.portions);
  return {
    recipe, problems: [],
    made: {
      formula, portions: measured.portions, assumedSize: measured.assumedSize, verdict: judgeFormula(formula, claim, rules, book), label: classify(formula), keeping: keepingOf(formula), order: mixingOrder(measured.portions.map(({ ingredient }) => ingredient)),
      mending: mend(recipe, claim, rules, shelf, book),
    },
  };
};
export type Analysis = ReturnType<typeof analyse>;
export type Made = NonNullable<Analysis['made']>;

/** The active that a mixture is looked at for: the one it has most to say by. */
export const leading = ({ strengths, portions }: Formula): { active: Active; family: Family; strength: number; stock: number } | undefined => {
  const strongest = (of: string, least: number) => Math.max(least, ...portions.filter((portion: Portion) => of in portion.masses).map(({ strength }) => strength ?? 0));
  if (strengths.alcohol > 0) {
    const active = portions.some(({ masses }) => '2-propanol' in masses) ? '2-propanol' : 'ethanol';
    return { active, family: 'alcohol', strength: strengths.alcohol, stock: strongest(active, strengths.alcohol) };
  }
  if (strengths.peroxide > 0) return { active: 'hydrogen peroxide', family: 'peroxide', strength: strengths.peroxide, stock: strongest('hydrogen peroxide', strengths.peroxide) };
  if (strengths.acid > 0) return { active: 'acetic acid', family: 'vinegar', strength: strengths.acid, stock: strongest('acetic acid', strengths.acid) };
  return undefined;
};

export const spanFor = (active: Active, rules: HouseRules) => disinfectingSpan(active, 'everyday', rules);
