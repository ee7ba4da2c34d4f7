import type { RoomTemplate } from '../../reference/surfaceKinds.ts';
import { english } from './english.ts';
import { spanish } from './spanish.ts';
import type { SurveyVocabulary } from './vocabulary.ts';

/** Every language in which a survey is read and begun. */
export const surveyVocabularies = { en: english, es: spanish } as const satisfies Record<
  string,
  SurveyVocabulary
>;
export type SurveyLanguage = keyof typeof surveyVocabularies;

/** A room to begin with in a language: its name, and its usual surfaces as somebody lists them. */
export const roomToBeginWith = (template: RoomTemplate, language: SurveyLanguage) =>
  surveyVocabularies[language].rooms[template];
