import * as v from 'valibot';
import { newFollowUp } from '../messages/mishaps.ts';
import { id } from '../parts/text.ts';
import { factOf } from './fact.ts';

/** What a supervisor makes of a near miss or an incident. */
export const followUp = factOf(
  'follow-up',
  ['Mishaps'],
  v.strictObject({ of: id, ...newFollowUp.entries }),
);
