import {
  analyseRecipe,
  classify,
  disinfectingSpan,
  keepingOf,
  mend,
  mixingOrder,
  type Active,
  type Claim,
  type Family,
  type Formula,
  type HouseRules,
  type OnShelf,
  type Portion,
  type RecipeLanguage,
  type RecipeRules,
} from '@zymostat/core';

/**
 * What a recipe's text comes to, all the way: the worst that it may mean, and what would mend it.
 */
export const analyse = (
  text: string,
  claim: Claim,
  by: RecipeRules,
  writing: { shelf: readonly OnShelf[]; language: RecipeLanguage },
) => {
  const analysis = analyseRecipe(text, claim, by);
  const { made, recipe } = analysis;
  if (!made) return { ...analysis, made: null };
  const { formula, portions, assumedSize } = made;
  return {
    ...analysis,
    made: {
      formula,
      portions,
      assumedSize,
      label: classify(formula),
      keeping: keepingOf(formula, by.book),
      order: mixingOrder(portions.map(({ ingredient }) => ingredient)),
      mending: mend(recipe, claim, by, writing),
    },
  };
};
export type Analysis = ReturnType<typeof analyse>;
export type Made = NonNullable<Analysis['made']>;

/** The active that a mixture is looked at for: the one it has most to say by. */
export const leading = ({
  strengths,
  portions,
}: Formula): { active: Active; family: Family; strength: number; stock: number } | undefined => {
  const strongest = (of: string, least: number) =>
    Math.max(
      least,
      ...portions
        .filter((portion: Portion) => of in portion.masses)
        .map(({ strength }) => strength ?? 0),
    );
  if (strengths.alcohol > 0) {
    const active = portions.some(({ masses }) => '2-propanol' in masses) ? '2-propanol' : 'ethanol';
    return {
      active,
      family: 'alcohol',
      strength: strengths.alcohol,
      stock: strongest(active, strengths.alcohol),
    };
  }
  if (strengths.peroxide > 0)
    return {
      active: 'hydrogen peroxide',
      family: 'peroxide',
      strength: strengths.peroxide,
      stock: strongest('hydrogen peroxide', strengths.peroxide),
    };
  if (strengths.acid > 0)
    return {
      active: 'acetic acid',
      family: 'vinegar',
      strength: strengths.acid,
      stock: strongest('acetic acid', strengths.acid),
    };
  return undefined;
};

export const spanFor = (active: Active, rules: HouseRules) =>
  disinfectingSpan(active, 'everyday', rules);

/** Why a mixture spoils or hurts; the rest is about its strength. */
export const spoilt: ReadonlySet<string> = new Set([
  'must-not-share-a-bottle',
  'used-up',
  'soap-split',
]);
