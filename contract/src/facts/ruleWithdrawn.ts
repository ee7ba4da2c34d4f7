import * as v from 'valibot';
import { companyRule } from '../messages/book.ts';
import { sentence } from '../parts/text.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** The company withdrew a rule of its own. */
export const ruleWithdrawn = factOf(
  'rule-withdrawn',
  ['Me', 'Book', 'Home'],
  v.strictObject({ ...about, rule: companyRule, edition: v.number(), why: sentence }),
);
