import { judgeBowl } from '../apart/judgeBowl.ts';
import { figuresOfBite, judgeCombination, type Product } from '../apart/judgeCombination.ts';
import type { Book, Route } from '../reference/neverCombine.ts';
import { products, type ProductId } from '../reference/products.ts';
import type { MeetsAt } from '../verdict/jobFigures.ts';
import type { Reason } from '../verdict/reason.ts';

/** By which routes of the book two meet there. */
const routesAt: Record<MeetsAt, readonly Route[]> = {
  bowl: ['surface', 'drain'],
  machine: ['vessel', 'drain'],
  drain: ['drain'],
  bath: ['vessel'],
  bag: ['vessel'],
  jar: ['vessel'],
};

/** Where what is put in meets what is about: the client's own, and whatever lies in it already. */
export interface About {
  at: MeetsAt;
  keeps: readonly ProductId[];
  /** What doses a toilet's water is taken out first. */
  lifts: boolean;
}

/**
 * What must not meet holds inside bowls, machines, bags, baths and drains too: the worst bite of
 * each product that is about. Source: each rule its own.
 */
export const meetsAbout = (put: Product, { at, keeps, lifts }: About, book: Book): Reason[] => {
  if (at === 'bowl') return judgeBowl(put, keeps, lifts, book);
  return keeps.flatMap((id): Reason[] => {
    const bite = routesAt[at]
      .flatMap((route) => judgeCombination(products[id], put, { route }, book).bites)
      .find(({ severity }) => severity === 'never');
    return bite
      ? [
          {
            code: 'meets-about',
            outcome: 'never',
            figures: { keeps: id, at, ...figuresOfBite(bite) },
            source: bite.source,
          },
        ]
      : [];
  });
};
