import {
  type Answer,
  type Body,
  type PlacedThing,
  type PlaceItem,
  type PlaceRow,
} from '@zymostat/contract';
import {
  figuresOfBite,
  groupsOf,
  isGeneric,
  judgeSet,
  products,
  verdictOf,
  type Product,
  type Reason,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theBook } from '../book/service.ts';
import { allBottles } from '../bottles/service.ts';
import type { Person } from '../people/service.ts';
import { appendRefusal } from '../records/service.ts';
import { stocksAtHand } from '../stock/service.ts';
import * as store from './store.ts';

type Thing = Omit<PlaceItem, 'id'>;

/** What everything that can stand somewhere is: its name, its code, its reactive groups. */
const things = async (context: Context): Promise<(given: PlacedThing) => Thing | undefined> => {
  // One after another: inside a transaction there is one connection.
  const stocks = await stocksAtHand(context);
  const bottles = await allBottles(context);
  const known = new Map<string, Thing>();
  for (const stock of stocks)
    known.set(`stock ${stock.id}`, {
      is: 'stock',
      of: stock.id,
      name: stock.name,
      code: stock.code,
      groups: [...groupsOf(stock)],
      strength: isGeneric(stock.active) ? stock.strength : null,
    });
  for (const bottle of bottles) {
    const held = bottle.heldSinceWash;
    known.set(`bottle ${bottle.id}`, {
      is: 'bottle',
      of: bottle.id,
      name: held?.batchCode ?? bottle.code,
      code: bottle.code,
      groups: held ? [...held.groups] : ['water'],
      strength: held && isGeneric(held.active) ? held.strength : null,
    });
  }
  return ({ is, id }) =>
    is === 'kind'
      ? {
          is,
          of: id,
          name: id,
          code: null,
          groups: [...products[id].groups],
          strength: (products[id] as Product).strength ?? null,
        }
      : known.get(`${is} ${id}`);
};

export const asProduct = ({ groups, strength }: Thing): Product => ({
  groups,
  ...(groups.includes('peroxide') && strength !== null ? { strength } : {}),
});

export const places = async (context: Context): Promise<PlaceRow[]> => {
  const all = await store.allPlaces(context);
  const items = await store.allItems(context);
  const known = await things(context);
  return all.map(({ id, kind, name, whose = null, belongs = [] }) => ({
    id,
    kind,
    name,
    whose,
    belongs,
    items: items
      .filter(({ placeId }) => placeId === id)
      .flatMap((item) => {
        const thing = known(store.thingOf(item));
        return thing ? [{ id: item.id, ...thing }] : [];
      }),
  }));
};

export const addPlace = async (
  context: Context,
  fields: Body<'addPlace'>,
): Promise<Answer<'addPlace'>> => {
  const id = context.newId();
  await within(context, (inside) => store.addPlace(inside, { id, ...fields }));
  return { id };
};

export const removePlace = (context: Context, id: string): Promise<null> =>
  within(context, async (inside) => {
    const place = await store.holdPlace(inside, id);
    if (!place) throw problems.notFound('place');
    const left = await store.countOfItems(inside, id);
    if (left > 0) throw problems.conflict('place-not-empty', { name: place.name, count: left });
    await store.removePlace(inside, id);
    return null;
  });

/**
 * What speaks against putting one more thing into a place: every Never with what stands there
 * already.
 */
const reasonsAgainst = async (
  context: Context,
  place: PlaceRow,
  thing: Thing,
): Promise<Reason[]> => {
  const { conflicts } = judgeSet(
    [...place.items, thing].map(asProduct),
    place.kind,
    {},
    await theBook(context),
  );
  const last = place.items.length;
  const code = place.kind === 'caddy' ? 'not-carried-together' : 'not-side-by-side';
  return conflicts
    .filter(({ b, combination }) => b === last && combination.severity === 'never')
    .map(({ a, combination }): Reason => {
      const [worst] = combination.bites;
      return {
        code,
        outcome: 'never',
        figures: { a: thing.name, b: place.items[a]!.name, ...figuresOfBite(worst!) },
        source: worst!.source,
      };
    });
};

type Put = { id: string } | { place: PlaceRow; thing: Thing; reasons: Reason[] };

/** Puts it there, or says what speaks against it. */
const putInside = async (inside: Context, placeId: string, given: PlacedThing): Promise<Put> => {
  // Held for the rest of the transaction, so that two people cannot load it at once.
  await store.holdPlace(inside, placeId);
  const place = (await places(inside)).find(({ id }) => id === placeId);
  if (!place) throw problems.notFound('place');
  const thing = (await things(inside))(given);
  if (!thing) throw problems.notFound(given.is === 'stock' ? 'stock' : 'bottle');
  const already = place.items.find(({ is, of }) => is === given.is && of === given.id);
  if (already) return { id: already.id };
  const { reasons } = verdictOf(await reasonsAgainst(inside, place, thing));
  if (reasons.length > 0) return { place, thing, reasons };
  const id = inside.newId();
  await store.putItem(inside, { id, placeId }, given);
  return { id };
};

/**
 * Puts something on a shelf or into a caddy, from wherever it stands; refuses what must not be
 * there beside the rest.
 */
export const putThing = async (
  context: Context,
  placeId: string,
  given: PlacedThing,
  person: Person,
): Promise<Answer<'putThing'>> => {
  const done = await within(context, (inside) => putInside(inside, placeId, given));
  if ('id' in done) return done;
  const { reasons, thing, place } = done;
  const refused = { is: 'putting' as const, thing: thing.name, place: place.name };
  await appendRefusal(context, { what: 'place', refused, reasons }, { home: null, person });
  throw problems.refused(reasons);
};

export const takeThing = async (context: Context, id: string): Promise<null> => {
  if (!(await store.takeItem(context, id))) throw problems.notFound('placed-thing');
  return null;
};
