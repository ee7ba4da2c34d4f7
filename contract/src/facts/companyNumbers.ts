import * as v from 'valibot';
import { companyNumbers as numbers } from '../messages/people.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** Whom to call was changed; what stood before is kept. */
export const companyNumbers = factOf(
  'company-numbers',
  ['Me'],
  v.strictObject({
    ...about,
    ...numbers.entries,
    emergencyBefore: v.string(),
    poisonBefore: v.string(),
  }),
);
