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
  type ProductId,
  type Reason,
} from '@zymostat/core';
import { QueryFailedError } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { stocksAtHand } from '../bench/service.ts';
import { allBottles } from '../bottles/service.ts';
import type { Person } from '../people/service.ts';
import { appendAlone } from '../records/service.ts';
import { theBook } from './book.ts';
import { PlaceEntity, PlaceItemEntity, type PlaceItemRecord } from './entities.ts';

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

const thingOf = ({ stockId, bottleId, kind }: PlaceItemRecord): PlacedThing => {
  if (stockId) return { is: 'stock', id: stockId };
  return bottleId ? { is: 'bottle', id: bottleId } : { is: 'kind', id: kind as ProductId };
};

const asProduct = ({ groups, strength }: Thing): Product => ({
  groups,
  ...(groups.includes('peroxide') && strength !== null ? { strength } : {}),
});

export const places = async (context: Context): Promise<PlaceRow[]> => {
  const all = await context.db.find(PlaceEntity, { order: { position: 'ASC' } });
  const items = await context.db.find(PlaceItemEntity, { order: { position: 'ASC' } });
  const known = await things(context);
  return all.map(({ id, kind, name }) => ({
    id,
    kind,
    name,
    items: items
      .filter(({ placeId }) => placeId === id)
      .flatMap((item) => {
        const thing = known(thingOf(item));
        return thing ? [{ id: item.id, ...thing }] : [];
      }),
  }));
};

const isDouble = (error: unknown): boolean =>
  error instanceof QueryFailedError && (error.driverError as { code?: string }).code === '23505';

export const addPlace = async (
  context: Context,
  fields: Body<'addPlace'>,
): Promise<Answer<'addPlace'>> => {
  const id = context.newId();
  await context.db.insert(PlaceEntity, { id, ...fields }).catch((error: unknown) => {
    throw isDouble(error) ? problems.conflict('place-name', { name: fields.name }) : error;
  });
  return { id };
};

export const removePlace = (context: Context, id: string): Promise<null> =>
  within(context, async (inside) => {
    const place = await inside.db.findOne(PlaceEntity, {
      where: { id },
      lock: { mode: 'pessimistic_write' },
    });
    if (!place) throw problems.notFound('place');
    const left = await inside.db.countBy(PlaceItemEntity, { placeId: id });
    if (left > 0) throw problems.conflict('place-not-empty', { name: place.name, count: left });
    await inside.db.delete(PlaceEntity, { id });
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
  const { now, newId } = context;
  const done = await within(
    context,
    async (
      inside,
    ): Promise<{ id: string } | { place: PlaceRow; thing: Thing; reasons: Reason[] }> => {
      // Held for the rest of the transaction, so that two people cannot load it at once.
      await inside.db.findOne(PlaceEntity, {
        where: { id: placeId },
        lock: { mode: 'pessimistic_write' },
      });
      const place = (await places(inside)).find(({ id }) => id === placeId);
      if (!place) throw problems.notFound('place');
      const thing = (await things(inside))(given);
      if (!thing) throw problems.notFound(given.is === 'stock' ? 'stock' : 'bottle');
      const already = place.items.find(({ is, of }) => is === given.is && of === given.id);
      if (already) return { id: already.id };
      const reasons = verdictOf(await reasonsAgainst(inside, place, thing)).reasons;
      if (reasons.length > 0) return { place, thing, reasons };
      if (given.is === 'stock') await inside.db.delete(PlaceItemEntity, { stockId: given.id });
      if (given.is === 'bottle') await inside.db.delete(PlaceItemEntity, { bottleId: given.id });
      const row: PlaceItemRecord = {
        id: newId(),
        placeId,
        stockId: given.is === 'stock' ? given.id : null,
        bottleId: given.is === 'bottle' ? given.id : null,
        kind: given.is === 'kind' ? given.id : null,
      };
      await inside.db.insert(PlaceItemEntity, row);
      return { id: row.id };
    },
  );
  if ('id' in done) return { id: done.id };
  await appendAlone(context, {
    kind: 'refusal',
    factId: newId(),
    at: now(),
    home: null,
    person,
    body: {
      what: 'place',
      detail: `${done.thing.name}, ${done.place.name}`,
      reasons: done.reasons,
    },
  });
  throw problems.refused(done.reasons);
};

export const takeThing = async ({ db }: Context, id: string): Promise<null> => {
  const { affected } = await db.delete(PlaceItemEntity, { id });
  if (!affected) throw problems.notFound('placed-thing');
  return null;
};
