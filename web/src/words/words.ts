import { languages, wordsOf, type Catalogue, type Language, type Words } from '@zymostat/words';

/** Each language is fetched by itself, in two parts: what the first page says, and the rest. */
const first: Record<Language, () => Promise<{ first: Partial<Catalogue> }>> = {
  en: () => import('@zymostat/words/en/first'),
  es: () => import('@zymostat/words/es/first'),
};
const rest: Record<Language, () => Promise<{ rest: Partial<Catalogue> }>> = {
  en: () => import('@zymostat/words/en/rest'),
  es: () => import('@zymostat/words/es/rest'),
};

/**
 * The words of the page. They are there before anything else is; where the language changes the
 * page is opened anew, so that nothing on it is in two languages.
 */
export let w: Words;

const KEPT = 'zymostat.language';
const isLanguage = (text: string | null | undefined): text is Language =>
  (languages as readonly (string | null | undefined)[]).includes(text);

/** What was chosen on this device last, else what the browser asks for, else the first. */
export const chosenLanguage = (): Language => {
  const kept = localStorage.getItem(KEPT);
  if (isLanguage(kept)) return kept;
  const asked = navigator.languages.map((one) => one.slice(0, 2)).find(isLanguage);
  return asked ?? languages[0];
};

/** Fetches what the first page says in a language, and makes that the language of the page. */
export const speak = async (language: Language): Promise<void> => {
  w = wordsOf(language, (await first[language]()).first);
};

let learnt: Promise<void> | undefined;
/** Fetches the rest of the language of the page, once. */
export const learnRest = (): Promise<void> =>
  (learnt ??= rest[w.language]().then((part) => w.learn(part.rest)));

/** Keeps another language for this device and opens the page anew in it. */
export const changeLanguage = (language: Language): void => {
  localStorage.setItem(KEPT, language);
  location.reload();
};
