import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

const MOST_LETTERS = 60;

/** A home, or a surface in one, whose name, place, address or room has what was typed in it. */
const found = v.strictObject({
  homeId: id,
  home: v.string(),
  place: v.string(),
  surfaceId: v.nullable(id),
  surface: v.nullable(v.string()),
  room: v.nullable(v.string()),
});
export type Found = v.InferOutput<typeof found>;

export const findEndpoints = {
  find: endpoint(routes.find, 'supervisor', 'Find homes by name, street or surface', {
    query: v.strictObject({ text: v.pipe(v.string(), v.maxLength(MOST_LETTERS, 'too-long')) }),
    answer: v.array(found),
  }),
} as const;
