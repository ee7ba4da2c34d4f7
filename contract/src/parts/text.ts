import * as v from 'valibot';
import { isZone } from '../limits.ts';

/**
 * A list of at most `most`: counted before anything in it is looked at, so that a long one costs
 * nothing.
 */
export const listOf = <const S extends v.GenericSchema>(
  item: S,
  most: number,
  message = 'too-many',
) =>
  v.pipe(
    v.array(v.unknown()),
    v.maxLength(most, message),
    v.array(item),
  ) as unknown as v.GenericSchema<v.InferInput<S>[], v.InferOutput<S>[]>;

/** No control characters but tab and line breaks, and nothing that is no character at all. */
export const plain = v.regex(/^(?:[\t\n\r]|[^\p{Cc}\ufffe\uffff])*$/u, 'control-characters');

/** Text that people write: no control characters but line breaks, nothing empty, bounded. */
export const written = (most: number) =>
  v.pipe(
    v.string(),
    v.trim(),
    v.minLength(1, 'write-something'),
    v.maxLength(most, 'too-long'),

    plain,
  );

/** What the fonts that ship with the application can print. */
const printable =
  /^[\u0020-\u007e\u00a0-\u00ff\u0131\u0152\u0153\u02bb\u02bc\u02c6\u02da\u02dc\u2000-\u206f\u20ac\u2122\u2212\u2215]*$/;
const LONGEST_WORD = 40;

/**
 * Text that is printed on posters and cards: in one line of running text, with no word that is too
 * long for its column, in letters that there are. Nothing is left off a poster in silence.
 */
export const printed = (most: number) =>
  v.pipe(
    written(most),
    v.transform((text) => text.replace(/\s+/g, ' ')),
    v.regex(printable, 'not-printable'),
    v.check(
      (text) => text.split(' ').every((word) => word.length <= LONGEST_WORD),
      'word-too-long',
    ),
  );

export const name = written(80);

export const sentence = written(500);

/**
 * Ids are kept in lower case: however one is sent, what is compared, hashed and stored is the same.
 */
export const id = v.pipe(v.string(), v.uuid('uuid'), v.toLowerCase());

/** A day of the calendar that there is, as 2026-01-31. */
export const day = v.pipe(
  v.string(),
  v.isoDate('day-written-20260131'),
  v.check((text) => {
    const found = new Date(`${text}T00:00:00Z`);
    return !Number.isNaN(found.getTime()) && found.toISOString().startsWith(text);
  }, 'no-such-day'),
);

/** Milliseconds since 1970, whole. */
export const instant = v.pipe(
  v.number(),
  v.integer(),
  v.minValue(0),
  v.maxValue(4_102_444_800_000),
);

/** Query strings are text: whole numbers are read from it. */
export const wholeText = v.pipe(
  v.string(),
  v.regex(/^\d{1,15}$/, 'whole-number-allowed'),
  v.transform(Number),
);

/** A time zone by its IANA name. */
export const zone = v.pipe(v.string(), v.maxLength(60, 'too-long'), v.check(isZone, 'time-zone'));

/** A number from `low` to `high`, both allowed. */
export const between = (low: number, high: number) =>
  v.pipe(v.number(), v.minValue(low, 'at-least'), v.maxValue(high, 'at-most'));

export type Bounded = ReturnType<typeof between>;

/** The bounds of a number, for whoever says them. */
export const boundsOf = ({ pipe: [, low, high] }: Bounded): { low: number; high: number } => ({
  low: low.requirement,
  high: high.requirement,
});
