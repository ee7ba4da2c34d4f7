import { languages, wordsOf, type Catalogue, type Language, type Words } from '@zymostat/words';

type Part = () => Promise<Partial<Catalogue>>;

/** Each language is fetched by itself, in three parts: the first page, a round, and the rest. */
const first: Record<Language, Part> = {
  en: async () => (await import('@zymostat/words/en/first')).first,
  es: async () => (await import('@zymostat/words/es/first')).first,
};
const round: Record<Language, Part> = {
  en: async () => (await import('@zymostat/words/en/round')).round,
  es: async () => (await import('@zymostat/words/es/round')).round,
};
const rest: Record<Language, Part> = {
  en: async () => (await import('@zymostat/words/en/rest')).rest,
  es: async () => (await import('@zymostat/words/es/rest')).rest,
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
  w = wordsOf(language, await first[language]());
};

/** Fetches a part of the language of the page, once. */
const learning = (part: Record<Language, Part>): (() => Promise<void>) => {
  let learnt: Promise<void> | undefined;
  return () => (learnt ??= part[w.language]().then((more) => w.learn(more)));
};
/** What a round says: small, for it is fetched by phones. */
export const learnRound = learning(round);
const learnOther = learning(rest);
/** All that may be said anywhere. */
export const learnRest = () => Promise.all([learnRound(), learnOther()]);

/** Keeps another language for this device and opens the page anew in it. */
export const changeLanguage = (language: Language): void => {
  localStorage.setItem(KEPT, language);
  location.reload();
};
