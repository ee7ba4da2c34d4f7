import * as v from 'valibot';
import { companyWays as ways } from '../messages/company.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** What the company is called, pays in, measures in or lives by was changed; what stood is kept. */
export const companyWays = factOf(
  'company-ways',
  ['Me'],
  v.strictObject({ ...about, ...ways.entries, before: v.nullable(ways) }),
);
