import * as v from 'valibot';

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

export const name = written(80);

export const sentence = written(500);

/**
 * Ids are kept in lower case: however one is sent, what is compared, hashed and stored is the same.
 */
export const id = v.pipe(v.string(), v.uuid('uuid'), v.toLowerCase());

/** Milliseconds since 1970, whole. */
export const instant = v.pipe(
  v.number(),
  v.integer(),
  v.minValue(0),
  v.maxValue(4_102_444_800_000),
);

/** A number from `low` to `high`, both allowed. */
export const between = (low: number, high: number) =>
  v.pipe(v.number(), v.minValue(low, 'at-least'), v.maxValue(high, 'at-most'));

export type Bounded = ReturnType<typeof between>;

/** The bounds of a number, for whoever says them. */
export const boundsOf = ({ pipe: [, low, high] }: Bounded): { low: number; high: number } => ({
  low: low.requirement,
  high: high.requirement,
});
