import { productIds } from '@zymostat/core';
import * as v from 'valibot';
import { name, id, listOf } from '../parts/text.ts';
import { active, group, strength } from '../parts/trade.ts';

/** What should stand in a place: so many bottles of a solution. */
export const belonging = v.strictObject({
  active,
  strength,
  count: v.pipe(
    v.number(),
    v.integer('whole-number-allowed'),
    v.minValue(1, 'at-least'),
    v.maxValue(50, 'at-most'),
  ),
});

export const newPlace = v.strictObject({ kind: v.picklist(['shelf', 'caddy']), name });

/** Whose it is: a person, a floor or a van, as somebody wrote it; and what belongs there. */
export const placeFor = v.strictObject({
  whose: v.nullable(name),
  belongs: listOf(belonging, 30),
});

export const placeItem = v.strictObject({
  id,
  is: v.picklist(['stock', 'bottle', 'kind']),
  of: v.string(),
  name: v.string(),
  code: v.nullable(v.string()),
  groups: v.array(group),
  strength: v.nullable(v.number()),
});

export const place = v.strictObject({
  id,
  ...newPlace.entries,
  ...placeFor.entries,
  items: v.array(placeItem),
});

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
