import type { Words } from './words.ts';

/** "tile, chrome and oak", as the language joins what belongs together. */
export const listIn = ({ locale }: Pick<Words, 'locale'>, names: readonly string[]): string =>
  new Intl.ListFormat(locale, { type: 'conjunction' }).format(names);
