import * as v from 'valibot';
import { record } from '../facts/index.ts';
import { roundRow } from '../messages/rounds.ts';
import { instant, name, wholeText } from '../parts/text.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

/** How a surface stands in a round. */
export const boardStop = v.picklist([
  'todo',
  'begun',
  'wet',
  'done',
  'not-met',
  'not-shown',
  'skipped',
]);

/**
 * A round of today: how each room stands, from high to low; how long a round of this home usually
 * takes, s; and when each of its people was last heard of.
 */
export const boardRound = v.strictObject({
  ...roundRow.entries,
  rooms: v.array(v.strictObject({ name, stops: v.array(boardStop) })),
  usualSeconds: v.nullable(v.number()),
  heard: v.array(v.strictObject({ name, at: instant })),
});

/** `heldUp`: what was refused, not met, not shown or nearly went wrong, newest first. */
export const board = v.strictObject({ rounds: v.array(boardRound), heldUp: v.array(record) });

export type BoardStop = v.InferOutput<typeof boardStop>;
export type BoardRound = v.InferOutput<typeof boardRound>;
export type Board = v.InferOutput<typeof board>;

export const boardEndpoints = {
  board: endpoint(routes.board, 'supervisor', 'Rounds of today, and what was held up', {
    query: v.strictObject({ from: wholeText }),
    answer: board,
  }),
} as const;
