import { groupsOf } from '../apart/groupsOf.ts';
import { judgeCombination, productOf, type Product } from '../apart/judgeCombination.ts';
import { judgeSequence, type Meeting } from '../apart/judgeSequence.ts';
import { type Happening, type RoomOfSequence } from '../apart/happening.ts';
import type { Home, Room, Stock, Surface } from '../homes/home.ts';
import { isAgainst, type Book, type Route } from '../reference/neverCombine.ts';
import type { SoilJob } from '../jobs/soil.ts';
import { workingOrder } from './workingOrder.ts';

const productFor = ({ setting }: Surface, stocks: readonly Stock[]): Product | undefined => {
  const stock = setting.use && stocks.find(({ id }) => id === setting.use!.stockId);
  return stock
    ? productOf({ active: stock.active, strength: setting.use!.strength, groups: groupsOf(stock) })
    : undefined;
};

/**
 * What is done in a room, in working order: each surface washed and rinsed, its soil lifted and
 * rinsed off, then treated. Toilet
 * surfaces share the bowl, all of a room one trap.
 */
const happeningsOf = (room: Room, stocks: readonly Stock[], soilOf: SoilOf): Happening[] =>
  workingOrder(room.surfaces).flatMap((surface): Happening[] => {
    const key = surface.level === 'toilet' ? `toilet ${room.id}` : surface.id;
    const rinse: Happening = { kind: 'act', act: 'rinse', at: surface.id };
    const product = productFor(surface, stocks);
    const put = [...(soilOf.get(surface.id)?.soil?.puts ?? []), ...(product ? [product] : [])];
    const drain = surface.level === 'toilet' ? key : `drain ${room.id}`;
    return [
      rinse,
      ...put.flatMap((one): Happening[] => [
        rinse,
        { kind: 'use', id: surface.id, product: one, surface: key, drain, room: room.id },
      ]),
    ];
  });

/** How the soil of each surface is lifted, by its id. */
export type SoilOf = ReadonlyMap<string, { soil: SoilJob | null }>;

/** Whether any two of the products bite by one of the routes, whatever is done between. */
const mayMeet = (products: readonly Product[], routes: readonly Route[], book: Book): boolean => {
  const distinct = [
    ...new Map(products.map((product) => [JSON.stringify(product), product])).values(),
  ];
  return distinct.some((one, i) =>
    distinct
      .slice(i)
      .some((other) =>
        routes.some((route) =>
          isAgainst(judgeCombination(one, other, { route: route }, book).severity),
        ),
      ),
  );
};

/** Most rooms hold nothing that could meet: they need no closer look. */
const isHarmless = (
  { surfaces }: Room,
  { stocks, soilOf, book }: { stocks: readonly Stock[]; soilOf: SoilOf; book: Book },
): boolean => {
  const productsOf = (list: readonly Surface[]) =>
    list.flatMap((surface) => [
      ...(soilOf.get(surface.id)?.soil?.puts ?? []),
      ...(productFor(surface, stocks) ? [productFor(surface, stocks)!] : []),
    ]);
  return (
    !mayMeet(productsOf(surfaces), ['drain', 'air'], book) &&
    !mayMeet(productsOf(surfaces.filter(({ level }) => level === 'toilet')), ['surface'], book)
  );
};

/** Every point of a visit to a home where what is put on meets what it must not, room by room. */
export const visitMeetings = (
  home: Pick<Home, 'rooms'>,
  stocks: readonly Stock[],
  book: Book,
  soilOf: SoilOf,
): Meeting[] => {
  const around: Record<string, RoomOfSequence> = Object.fromEntries(
    home.rooms.map(({ id, floorArea, height, ventilation }) => [
      id,
      { volume: floorArea * height, ventilation },
    ]),
  );
  return home.rooms.flatMap((room) =>
    isHarmless(room, { stocks, soilOf, book })
      ? []
      : judgeSequence(happeningsOf(room, stocks, soilOf), around, book),
  );
};
