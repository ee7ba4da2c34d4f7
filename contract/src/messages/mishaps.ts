import * as v from 'valibot';
import { day, listOf, plain, name, sentence, id, instant } from '../parts/text.ts';
import { route, group } from '../parts/trade.ts';

/**
 * Which two met or nearly did, by which route, how much, and what somebody felt: as far as it is
 * known.
 */
const meeting = {
  pair: v.optional(v.nullable(v.strictObject({ one: group, other: group }))),
  route: v.optional(v.nullable(route)),
  amount: v.optional(v.nullable(v.pipe(v.string(), v.trim(), v.maxLength(120, 'too-long'), plain))),
  symptoms: v.optional(
    v.nullable(v.pipe(v.string(), v.trim(), v.maxLength(500, 'too-long'), plain)),
  ),
};

export const mishapFacts = {
  what: sentence,
  products: listOf(v.pipe(v.string(), v.maxLength(80, 'too-long'), plain), 2, 'two-products'),
  place: name,
  who: name,
  done: sentence,
  ...meeting,
};

export const newMishap = v.strictObject({
  kind: v.picklist(['near-miss', 'incident']),
  homeId: v.nullable(id),
  at: instant,
  ...mishapFacts,
});

/**
 * What a supervisor makes of a near miss or an incident: what is to be done, whose it is, until
 * when, and whether that closes it.
 */
export const newFollowUp = v.strictObject({
  text: sentence,
  owner: name,
  due: v.nullable(day),
  closed: v.boolean(),
});

export type FollowUp = v.InferOutput<typeof newFollowUp>;

export type NewMishap = v.InferOutput<typeof newMishap>;
