import { houseQuestions } from '@zymostat/core';
import * as v from 'valibot';
import { languages } from '../languages.ts';
import { LOGIN } from '../limits.ts';
import { companyNumbers, newPassword } from './people.ts';
import { listOf, name, plain, zone } from '../parts/text.ts';
import { currency, units } from '../parts/trade.ts';

/** What a company is called, pays in, lives by and measures in. */
const ways = { name, currency, zone, units };
export const companyWays = v.strictObject(ways);

/** The name somebody signs in with: however it is written, kept in lower case. */
export const login = v.pipe(v.string(), v.trim(), v.toLowerCase(), plain, v.regex(LOGIN, 'login'));

/** A code as it is printed or typed: spaces, hyphens and capitals do not matter. */
export const codeTyped = v.pipe(
  v.string(),
  v.maxLength(60, 'too-long'),
  v.transform((text) => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '')),
  v.minLength(1, 'write-something'),
);

/** A company begins, and its first supervisor. `code`: as whoever started the server was told. */
export const setUp = v.strictObject({
  code: codeTyped,
  company: v.strictObject({ ...ways, ...companyNumbers.entries }),
  person: v.strictObject({
    name,
    login,
    password: newPassword,
    language: v.picklist(languages),
  }),
});

export const setUpNeeded = v.strictObject({ needed: v.boolean() });

/** Questions of the house that somebody has looked at and answered. */
export const answered = v.strictObject({
  questions: listOf(v.picklist(houseQuestions), houseQuestions.length),
});

/** How far a company is on its way to the first round: how many there are of each. */
export const beginning = v.strictObject({
  answered: v.array(v.picklist(houseQuestions)),
  people: v.number(),
  invited: v.number(),
  stock: v.number(),
  bottles: v.number(),
  homes: v.number(),
  surfaces: v.number(),
  approved: v.number(),
  batches: v.number(),
  read: v.number(),
  rounds: v.number(),
});

export type SetUp = v.InferOutput<typeof setUp>;

export type Beginning = v.InferOutput<typeof beginning>;
