import { judgeBowl } from '../apart/judgeBowl.ts';
import {
  figuresOfBite,
  judgeCombination,
  productOf,
  type Product,
} from '../apart/judgeCombination.ts';
import type { Book } from '../reference/neverCombine.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import type { AroundEvent, Nearby, Treatment } from './around.ts';
import type { SurfaceClock } from './surfaceClock.ts';

/** They may run together, or meet in the air of the room. */
const NEAR_ROUTES = ['surface', 'air'] as const;

const worst = (one: Product, other: Product, routes: readonly ('surface' | 'air')[], book: Book) =>
  routes
    .flatMap((route) => judgeCombination(one, other, { route }, book).bites)
    .find(({ severity }) => severity === 'never');

/** What works by itself on another surface of the room, and must not meet what is put on here. */
export const liesNear = (
  put: Product,
  { nearby, book }: { nearby: readonly Nearby[]; book: Book },
): Reason[] =>
  nearby.flatMap(({ name, lies }): Reason[] => {
    const bite = lies.flatMap((one) => worst(one, put, NEAR_ROUTES, book) ?? [])[0];
    if (!bite) return [];
    const figures = { surface: name, ...figuresOfBite(bite) };
    return [forbidden('lies-near', bite.source, figures)];
  });

/** A batch that is on this surface, or wet on another of the room, and must not meet what is laid. */
const wetAround = (
  put: Product,
  clock: SurfaceClock,
  { nearby, batches, book, elsewhere }: AroundEvent,
): Reason[] => {
  const here = [...clock.on, ...(elsewhere?.on ?? [])].map((id) => ({ id, surface: null }));
  const near = nearby.flatMap(({ name, on }) => on.map((id) => ({ id, surface: name })));
  return [...here, ...near].flatMap(({ id, surface }): Reason[] => {
    const batch = batches.get(id);
    if (!batch)
      return [
        surface === null
          ? forbidden('on-unknown', 'the record')
          : forbidden('nearby-unknown', 'the record', { surface }),
      ];
    const bite = worst(productOf(batch), put, surface === null ? ['surface'] : NEAR_ROUTES, book);
    if (!bite) return [];
    const figures = { surface: surface ?? '', ...figuresOfBite(bite) };
    return [forbidden('lies-near', bite.source, figures)];
  });
};

/** Everything that speaks against laying on what loosens soil: what is wet here and near, the bowl. */
export const judgeLaid = (
  { puts, toilet, lifts }: Treatment,
  clock: SurfaceClock,
  around: AroundEvent,
): Reason[] =>
  puts.flatMap((put) => [
    ...wetAround(put, clock, around),
    ...liesNear(put, around),
    ...(toilet ? judgeBowl(put, around.clientKeeps, lifts, around.book) : []).filter(
      ({ outcome }) => outcome === 'never',
    ),
  ]);
