import * as v from 'valibot';
import { languages } from '../languages.ts';
import { companyRule } from './book.ts';
import { houseRules } from './houseRules.ts';
import { name, id } from '../parts/text.ts';
import { role } from '../parts/trade.ts';

/**
 * What crosses the wire, one schema a message. Strengths are fractions, lengths m, volumes m³,
 * times ms since 1970.
 */

export const signIn = v.strictObject({
  login: name,
  password: v.pipe(v.string(), v.minLength(1, 'write-password'), v.maxLength(200)),
});

export const me = v.strictObject({
  /** Nothing until they have chosen a language. */
  person: v.strictObject({ id, name, role, language: v.nullable(v.picklist(languages)) }),
  company: v.strictObject({
    name,
    emergencyNumber: v.string(),
    poisonLine: v.string(),
    houseRules,
    /**
     * What the company has added to the book, and which edition that makes; the one this person has
     * last confirmed.
     */
    ownRules: v.array(companyRule),
    edition: v.number(),
  }),
  readEdition: v.nullable(v.number()),
});

export const chosenLanguage = v.strictObject({ language: v.picklist(languages) });

export const companyNumbers = v.strictObject({
  emergencyNumber: v.pipe(name, v.maxLength(40, 'too-long')),
  poisonLine: v.pipe(name, v.maxLength(40, 'too-long')),
});

export type SignIn = v.InferOutput<typeof signIn>;

export type Me = v.InferOutput<typeof me>;
