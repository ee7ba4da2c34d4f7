import { ventilations } from '@zymostat/core';
import * as v from 'valibot';
import { name, between } from '../parts/text.ts';
import { flame } from '../parts/trade.ts';

/** What is noted of a room when it is surveyed, in the order in which files hold it. */
export const roomFields = v.strictObject({
  name,
  floorArea: between(0.5, 500),
  height: between(1.5, 10),
  ventilation: v.picklist(ventilations),
  flame,
});
export type RoomFields = v.InferOutput<typeof roomFields>;
export const roomFieldNames = Object.keys(roomFields.entries) as (keyof RoomFields)[];
