import type { Body, PlaceRow } from '@zymostat/contract';
import { regroupInto } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theBook } from '../book/service.ts';
import { asProduct, places } from './service.ts';
import * as store from './store.ts';

/** Says whose a place is, and what belongs there. */
export const setPlace = async (
  context: Context,
  id: string,
  to: Body<'setPlace'>,
): Promise<null> => {
  if (!(await store.changePlace(context, id, to))) throw problems.notFound('place');
  return null;
};

/** The first name of the kind "Depot, shelf B 2" that nobody has given yet. */
const freeName = (name: string, taken: ReadonlySet<string>): string => {
  let number = 2;
  while (taken.has(`${name} ${number}`)) number += 1;
  return `${name} ${number}`;
};

/** A new place beside another of its kind. */
const addBeside = async (inside: Context, { kind, name }: PlaceRow): Promise<string> => {
  const taken = new Set((await store.allPlaces(inside)).map((one) => one.name));
  const id = inside.newId();
  await store.addPlace(inside, { id, kind, name: freeName(name, taken) });
  return id;
};

/** Parts what must not stand together, as the page has shown it. */
export const regroupPlace = (context: Context, id: string): Promise<null> =>
  within(context, async (inside) => {
    await store.holdPlace(inside, id);
    const all = await places(inside);
    const place = all.find((one) => one.id === id);
    if (!place) throw problems.notFound('place');
    const others = all.filter((one) => one.id !== id && one.kind === place.kind);
    const moves = regroupInto(
      place.items.map(asProduct),
      others.map(({ items }) => items.map(asProduct)),
      place.kind,
      await theBook(inside),
    );
    for (const { items, into } of moves) {
      const placeId = others[into]?.id ?? (await addBeside(inside, place));
      for (const at of items) await store.moveItem(inside, place.items[at]!.id, placeId);
    }
    return null;
  });
