import { languages, wordsOf, type Language, type Words } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { es } from '@zymostat/words/es';
import type { Request } from 'express';

const all: Record<Language, Words> = { en: wordsOf('en', en), es: wordsOf('es', es) };

export const wordsIn = (language: Language): Words => all[language];

const isLanguage = (text: unknown): text is Language =>
  (languages as readonly unknown[]).includes(text);

/** The words of whoever asks: their own choice once they have made one, else their browser's. */
export const wordsFor = (request: Request): Words => {
  const chosen = (request as { language?: unknown }).language;
  if (isLanguage(chosen)) return all[chosen];
  const accepted = request.acceptsLanguages([...languages]);
  return all[isLanguage(accepted) ? accepted : 'en'];
};

/** Keeps for the rest of a request what its person has chosen. */
export const speaks = (request: Request, language: Language | null): void => {
  (request as { language?: unknown }).language = language;
};
