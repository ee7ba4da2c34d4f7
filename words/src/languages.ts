import type { Language } from '@zymostat/contract';

export { languages, type Language } from '@zymostat/contract';

/** Each language is called by its own name. */
export const languageNames: Record<Language, string> = { en: 'English', es: 'Español' };

/** How numbers, dates and times are written: a person's language, not the units they choose. */
export const localeOf: Record<Language, string> = { en: 'en-GB', es: 'es-US' };
