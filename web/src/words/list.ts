import { listIn } from '@zymostat/words';
import { w } from './words.ts';

/** "tile, chrome and oak", as the language joins what belongs together. */
export const listOf = (names: readonly string[]): string => listIn(w, names);

/** "tile, chrome or oak": any one of them. */
export const anyOf = (names: readonly string[]): string =>
  new Intl.ListFormat(w.locale, { type: 'disjunction' }).format(names);
