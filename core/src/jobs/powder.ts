import { figuresOfBite, judgeCombination } from '../apart/judgeCombination.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { Book } from '../reference/neverCombine.ts';
import {
  DUSTY,
  HARD_WATER,
  LOAD_DOSE,
  powderProducts,
  USUAL_LOAD,
  type PowderPart,
} from '../reference/powders.ts';
import { products, type ProductId } from '../reference/products.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';

export interface PowderAsked {
  /** Parts by weight, and kg in all. */
  parts: Partial<Record<PowderPart, number>>;
  mass: number;
  /** kg of laundry, and whether its water is hard. */
  load: number;
  hard: boolean;
  /** What else stands in the drawer. */
  beside: readonly ProductId[];
}

export interface Powder extends Verdict {
  /** kg of each. */
  weights: Partial<Record<PowderPart, number>>;
  /** kg a load, and loads in all. */
  dose: number;
  loads: number;
  /** So much that a mask is worn. */
  dusty: boolean;
  rows: JobRow[];
}

const worst = (one: ProductId, other: ProductId, book: Book) =>
  judgeCombination(products[one], products[other], { route: 'vessel' }, book).bites.find(
    ({ severity }) => severity !== 'care',
  );

/**
 * A dry mixture by weight: what of each, how much a load takes, and what it must not be poured
 * beside: all of a drawer runs into the same water. Source: common practice, no source; the book.
 */
export const dryMixture = (asked: PowderAsked, book: Book): Powder => {
  const { parts, mass, load, hard, beside } = asked;
  const named = Object.entries(parts) as [PowderPart, number][];
  const all = named.reduce((sum, [, part]) => sum + part, 0);
  if (!(all > 0 && mass > 0 && load > 0 && named.every(([, part]) => part > 0)))
    throw new RangeError(`${all} parts in ${mass} kg for ${load} kg: over 0 is allowed`);
  const weights = Object.fromEntries(named.map(([id, part]) => [id, (mass * part) / all]));
  const ids = named.map(([id]) => id);
  const inside = ids.flatMap((a, i) =>
    ids.slice(i + 1).flatMap((b): Reason[] => {
      const [one, other] = [powderProducts[a], powderProducts[b]];
      const bite = one && other ? worst(one, other, book) : undefined;
      if (!bite) return [];
      const outcome = bite.severity === 'never' ? 'never' : 'care';
      const figures = { a, b, ...figuresOfBite(bite) };
      return [{ code: 'meets-in-powder', outcome, figures, source: bite.source }];
    }),
  );
  const drawer = beside.flatMap((keeps) =>
    ids.flatMap((id): Reason[] => {
      const own = powderProducts[id];
      const bite = own ? worst(own, keeps, book) : undefined;
      if (!bite || bite.severity !== 'never') return [];
      const figures = { keeps, at: 'machine' as const, ...figuresOfBite(bite) };
      return [{ code: 'meets-about', outcome: 'never', figures, source: bite.source }];
    }),
  );
  const dose = (LOAD_DOSE * load * (hard ? HARD_WATER : 1)) / USUAL_LOAD;
  return {
    ...verdictOf([...inside, ...drawer]),
    weights,
    dose,
    loads: Math.floor(mass / dose + 1e-9),
    dusty: mass >= DUSTY,
    rows: ['powders'],
  };
};
