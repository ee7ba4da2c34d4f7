import type { HouseRules } from '../reference/houseRules.ts';
import type { Book } from '../reference/neverCombine.ts';

/**
 * What every judgement rests on besides the thing judged, none of it ever left to a default: the
 * company's house rules, the book of what must not meet with its own rules among them, and the
 * moment, ms since 1970.
 */
export interface Judging {
  rules: HouseRules;
  book: Book;
  now: number;
}
