import { groups } from '@zymostat/core';
import * as v from 'valibot';
import { name, printed, sentence, id, instant } from '../parts/text.ts';
import { role, route, group } from '../parts/trade.ts';

/**
 * A company's own rule: which two must not meet, by which routes and how badly. It adds to the book
 * and makes nothing milder.
 */
export const companyRuleFields = v.strictObject({
  one: group,
  other: v.picklist([...groups, 'anything']),
  by: v.pipe(
    v.record(route, v.picklist(['care', 'spoils', 'never'], 'rule-care-spoils-or')),
    v.check((by) => Object.keys(by).length > 0, 'routes-needed'),
  ),
  happens: printed(500),
  remedy: printed(500),
});

export const companyRule = v.strictObject({ id, ...companyRuleFields.entries });

export const readBook = v.strictObject({ edition: v.pipe(v.number(), v.integer(), v.minValue(1)) });

export const withdrawal = v.strictObject({ why: sentence });

/**
 * Rules of the company, the edition they make, and who has confirmed which; a cleaner sees only
 * their own line.
 */
export const book = v.strictObject({
  edition: v.number(),
  own: v.array(companyRule),
  readers: v.array(
    v.strictObject({
      personId: id,
      name,
      role,
      edition: v.nullable(v.number()),
      at: v.nullable(instant),
    }),
  ),
});

/** When each edition of the book came out, and who has confirmed which, when. */
export const bookReadings = v.strictObject({
  editions: v.array(v.strictObject({ edition: v.number(), at: instant })),
  readings: v.array(v.strictObject({ personId: id, edition: v.number(), at: instant })),
});

export type BookReadings = v.InferOutput<typeof bookReadings>;

export type CompanyRuleRow = v.InferOutput<typeof companyRule>;

export type Book = v.InferOutput<typeof book>;
