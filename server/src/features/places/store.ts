import type { PlacedThing } from '@zymostat/contract';
import type { ProductId } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { isDouble } from '../../platform/database/failures.ts';
import { problems } from '../../platform/http/problems.ts';
import { PlaceEntity, PlaceItemEntity, type PlaceItemRecord, type PlaceRecord } from './tables.ts';

export const allPlaces = ({ db }: Context): Promise<PlaceRecord[]> =>
  db.find(PlaceEntity, { order: { position: 'ASC' } });

export const allItems = ({ db }: Context): Promise<PlaceItemRecord[]> =>
  db.find(PlaceItemEntity, { order: { position: 'ASC' } });

/** What an item of a place is. */
export const thingOf = ({ stockId, bottleId, kind }: PlaceItemRecord): PlacedThing => {
  if (stockId) return { is: 'stock', id: stockId };
  return bottleId ? { is: 'bottle', id: bottleId } : { is: 'kind', id: kind as ProductId };
};

/** A place, held for the rest of the transaction. */
export const holdPlace = ({ db }: Context, id: string): Promise<PlaceRecord | null> =>
  db.findOne(PlaceEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export const addPlace = async ({ db }: Context, place: PlaceRecord): Promise<void> => {
  await db.insert(PlaceEntity, place).catch((error: unknown) => {
    throw isDouble(error) ? problems.conflict('place-name', { name: place.name }) : error;
  });
};

export const changePlace = async (
  { db }: Context,
  id: string,
  to: Pick<PlaceRecord, 'whose' | 'belongs'>,
): Promise<boolean> => ((await db.update(PlaceEntity, { id }, to)).affected ?? 0) > 0;

export const countOfItems = ({ db }: Context, placeId: string): Promise<number> =>
  db.countBy(PlaceItemEntity, { placeId });

export const removePlace = async ({ db }: Context, id: string): Promise<void> =>
  void (await db.delete(PlaceEntity, { id }));

/** Puts a thing into a place. A container or a bottle is in one place only. */
export const putItem = async (
  { db }: Context,
  { id, placeId }: { id: string; placeId: string },
  thing: PlacedThing,
): Promise<void> => {
  if (thing.is === 'stock') await db.delete(PlaceItemEntity, { stockId: thing.id });
  if (thing.is === 'bottle') await db.delete(PlaceItemEntity, { bottleId: thing.id });
  await db.insert(PlaceItemEntity, {
    id,
    placeId,
    stockId: thing.is === 'stock' ? thing.id : null,
    bottleId: thing.is === 'bottle' ? thing.id : null,
    kind: thing.is === 'kind' ? thing.id : null,
  });
};

/** Puts what stands in one place into another. */
export const moveItem = async ({ db }: Context, id: string, placeId: string): Promise<void> =>
  void (await db.update(PlaceItemEntity, { id }, { placeId }));

/** Whether it stood there. */
export const takeItem = async ({ db }: Context, id: string): Promise<boolean> =>
  ((await db.delete(PlaceItemEntity, { id })).affected ?? 0) > 0;
