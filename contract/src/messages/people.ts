import * as v from 'valibot';
import { languages } from '../languages.ts';
import { LEAST_PASSWORD } from '../limits.ts';
import { companyRule } from './book.ts';
import { houseRules } from './houseRules.ts';
import { name, id, instant } from '../parts/text.ts';
import { role, units } from '../parts/trade.ts';

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
    /** Nothing where a company of before has not said. */
    currency: v.nullable(v.string()),
    zone: v.nullable(v.string()),
    units: v.nullable(units),
    houseRules,
    /**
     * What the company has added to the book, and which edition that makes; the one this person has
     * last confirmed.
     */
    ownRules: v.array(companyRule),
    edition: v.number(),
    /** Whether its first round was begun. */
    begun: v.boolean(),
    /** Counts the changes of house rules, numbers and ways. */
    revision: v.number(),
  }),
  readEdition: v.nullable(v.number()),
});

export const chosenLanguage = v.strictObject({ language: v.picklist(languages) });

/** Length is what counts, no riddles. Source: common practice, no source. */
export const newPassword = v.pipe(
  v.string(),
  v.minLength(LEAST_PASSWORD, 'longer-password'),
  v.maxLength(200, 'too-long'),
);

export const passwordChange = v.strictObject({
  now: v.pipe(v.string(), v.minLength(1, 'write-password'), v.maxLength(200, 'too-long')),
  next: newPassword,
});

/** A session: since when, on what by its browser's own word, and whether it is the one that asks. */
export const session = v.strictObject({
  id,
  openedAt: instant,
  device: v.string(),
  current: v.boolean(),
});

/** Who is or was here. Of those who left a pseudonym stands, and no login. */
export const personRow = v.strictObject({
  id,
  name,
  login: v.nullable(v.string()),
  role,
  leftAt: v.nullable(instant),
  revision: v.number(),
});

export const companyNumbers = v.strictObject({
  emergencyNumber: v.pipe(name, v.maxLength(40, 'too-long')),
  poisonLine: v.pipe(name, v.maxLength(40, 'too-long')),
});

export type SignIn = v.InferOutput<typeof signIn>;

export type Me = v.InferOutput<typeof me>;
