import { languages, wordsOf, type Language, type Words } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { es } from '@zymostat/words/es';
import type { Request } from 'express';
import { callerIn } from './caller.ts';

const all: Record<Language, Words> = { en: wordsOf('en', en), es: wordsOf('es', es) };

const isLanguage = (text: unknown): text is Language =>
  (languages as readonly unknown[]).includes(text);

/** The words of whoever asks: their own choice once they have made one, else their browser's. */
export const wordsFor = (request: Request): Words => {
  const chosen = callerIn(request)?.language;
  if (chosen) return all[chosen];
  const accepted = request.acceptsLanguages([...languages]);
  return all[isLanguage(accepted) ? accepted : 'en'];
};
