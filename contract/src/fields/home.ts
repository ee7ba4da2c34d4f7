import { productIds, situations } from '@zymostat/core';
import * as v from 'valibot';
import { listOf, name } from '../parts/text.ts';
import { situation } from '../parts/trade.ts';

/** Each choice at most once, so that a stored list reads as it was ticked. */
export const situationList = v.pipe(
  listOf(situation, situations.length),
  v.transform((list) => [...new Set(list)]),
);

/** What the client keeps or uses, each kind once. */
export const clientKeeps = v.pipe(
  listOf(v.picklist(productIds), productIds.length),
  v.transform((list) => [...new Set(list)]),
);

export const homeFields = v.strictObject({
  name,
  place: name,
  situations: situationList,
  clientKeeps: v.optional(clientKeeps, []),
});
