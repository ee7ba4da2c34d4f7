import type { Book, Circumstances } from '../reference/neverCombine.ts';
import { bowlOf, products, type ProductId } from '../reference/products.ts';
import type { Reason } from '../verdict/reason.ts';
import { figuresOfBite, judgeCombination, type Product } from './judgeCombination.ts';

const routesInBowl = ['surface', 'drain'] as const;

/** What doses a bowl is dissolved there: no dry chlorine any more, but bleach. */
const inWater = (id: ProductId): Product => {
  const product: Product = products[id];
  return product.groups.includes('dry-chlorine') ? { groups: ['hypochlorite'] } : product;
};

/**
 * The worst rule between a product and what is in the bowl, on what it wets or in what runs down.
 */
const worstInBowl = (
  product: Product,
  id: ProductId,
  inBowl: Circumstances['inBowl'],
  book: Book,
) =>
  routesInBowl
    .flatMap(
      (route) =>
        judgeCombination(inWater(id), product, { route, closed: false, inBowl }, book).bites,
    )
    .find(({ severity }) => severity === 'never');

/**
 * What of a toilet's water a product must not meet there: a client's tablet bars it until the
 * tablet is out and the bowl flushed twice (`lifts`), urine wants a flush first. Source: EPA-label;
 * common practice.
 */
export const judgeBowl = (
  product: Product,
  keeps: readonly ProductId[],
  lifts: boolean,
  book: Book,
): Reason[] => {
  const reasons = bowlOf(keeps).flatMap((id): Reason[] => {
    const bite = worstInBowl(product, id, 'doses', book);
    if (!bite) return [];
    const figures = { keeps: id, ...figuresOfBite(bite) };
    return [
      lifts
        ? { code: 'taken-out-first', outcome: 'use', figures, source: bite.source }
        : { code: 'meets-in-bowl', outcome: 'never', figures, source: bite.source },
    ];
  });
  const urine = worstInBowl(product, 'urine', 'waits', book);
  return urine
    ? [
        ...reasons,
        {
          code: 'flush-first',
          outcome: 'use',
          figures: figuresOfBite(urine),
          source: urine.source,
        },
      ]
    : reasons;
};
