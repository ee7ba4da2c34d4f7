import * as v from 'valibot';
import { id, name } from '../parts/text.ts';
import { application } from '../parts/trade.ts';

/**
 * What was learnt of how fast a room dries, by how something was put on: the middle, the band that
 * holds it four times in five, and from how much; `taken`: what counts there now.
 */
export const learntOfRoom = v.strictObject({
  roomId: id,
  roomName: name,
  application,
  factor: v.number(),
  low: v.number(),
  high: v.number(),
  observations: v.number(),
  rounds: v.number(),
  taken: v.number(),
});
export const learnt = v.array(learntOfRoom);
export const takeOver = v.strictObject({ application });
export type LearntOfRoom = v.InferOutput<typeof learntOfRoom>;
