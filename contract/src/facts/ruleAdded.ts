import * as v from 'valibot';
import { companyRule } from '../messages/book.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** The company added a rule to the book. */
export const ruleAdded = factOf(
  'rule-added',
  ['Me', 'Book', 'Home'],
  v.strictObject({ ...about, rule: companyRule, edition: v.number() }),
);
