import type { IngredientId } from '../../reference/ingredients.ts';
import { english } from './english.ts';
import { lexiconOf } from './lexicon.ts';
import { spanish } from './spanish.ts';
import type { Vocabulary } from './vocabulary.ts';

/** Every language in which recipes are read and written. */
export const vocabularies = { en: english, es: spanish } as const satisfies Record<
  string,
  Vocabulary
>;
export type RecipeLanguage = keyof typeof vocabularies;

/**
 * The words of every language together: a recipe is read as it is written, whoever reads it. Where
 * a word stands in two languages the first one counts.
 */
export const lexicon = lexiconOf(Object.values(vocabularies));

/** The name by which an ingredient is shown and written in a language. */
export const ingredientName = (id: IngredientId, language: RecipeLanguage): string =>
  vocabularies[language].ingredients[id][0]!;

const englishNames = lexiconOf([english]);

/** Whether a name stands in the English tables; such a one is counted in English too. */
export const isEnglish = (name: string): boolean =>
  englishNames.singulars(name.toLowerCase()).some((one) => englishNames.phrases.has(one));
