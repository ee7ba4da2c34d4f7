import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { factOf } from './fact.ts';

/** Somebody joined a round that another had begun. */
export const roundJoined = factOf(
  'round-joined',
  ['Rounds', 'Round', 'WetNow'],
  v.strictObject({ roundId: id }),
);
