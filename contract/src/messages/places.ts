import { productIds } from '@zymostat/core';
import * as v from 'valibot';
import { name, id } from '../parts/text.ts';
import { group } from '../parts/trade.ts';

export const newPlace = v.strictObject({ kind: v.picklist(['shelf', 'caddy']), name });

export const placeItem = v.strictObject({
  id,
  is: v.picklist(['stock', 'bottle', 'kind']),
  of: v.string(),
  name: v.string(),
  code: v.nullable(v.string()),
  groups: v.array(group),
  strength: v.nullable(v.number()),
});

export const place = v.strictObject({ id, ...newPlace.entries, items: v.array(placeItem) });

/** What stands in a place: a stock container, a bottle, or a thing of a known kind. */
export const placedThing = v.variant('is', [
  v.strictObject({ is: v.literal('stock'), id }),
  v.strictObject({ is: v.literal('bottle'), id }),
  v.strictObject({ is: v.literal('kind'), id: v.picklist(productIds) }),
]);

export const putThing = placedThing;

export type PlaceRow = v.InferOutput<typeof place>;

export type PlaceItem = v.InferOutput<typeof placeItem>;

export type PlacedThing = v.InferOutput<typeof placedThing>;
