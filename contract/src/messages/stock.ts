import {
  genericActives,
  groups,
  materialIds,
  stockActs,
  storages,
  threats,
  waysOff,
} from '@zymostat/core';
import * as v from 'valibot';
import { listOf, written, name, id, instant, sentence } from '../parts/text.ts';
import { strength, volume, active } from '../parts/trade.ts';

/**
 * A registered product's label as the supervisor enters it: at least one use, each against
 * something and for a time.
 */
export const productLabel = v.strictObject({
  groups: v.pipe(
    listOf(v.picklist(groups), groups.length),
    v.minLength(1, 'groups-needed'),
    v.transform((list) => [...new Set(list)]),
  ),
  uses: v.pipe(
    listOf(
      v.strictObject({
        goal: v.picklist(['sanitise', 'disinfect']),
        against: v.pipe(
          listOf(v.picklist(threats), threats.length),
          v.minLength(1, 'against-needed'),
        ),
        seconds: v.pipe(
          v.number(),
          v.integer(),
          v.minValue(1, 'labels-time-1-s'),
          v.maxValue(7200, 'labels-time-1-s'),
        ),
      }),
      20,
    ),
    v.minLength(1, 'uses-needed'),
  ),
  notOn: v.pipe(
    listOf(v.picklist(materialIds), materialIds.length),
    v.transform((list) => [...new Set(list)]),
  ),
  dilution: v.optional(
    v.nullable(
      v.strictObject({
        water: v.pipe(v.number(), v.gtValue(0, 'water-parts'), v.maxValue(1000, 'water-parts')),
        keeps: v.pipe(
          v.number(),
          v.integer(),
          v.minValue(60, 'dilution-keeps-1-min'),
          v.maxValue(63_072_000, 'dilution-keeps-1-min'),
        ),
        hardness: v.nullable(
          v.pipe(v.number(), v.minValue(0, 'hardness'), v.maxValue(2000, 'hardness')),
        ),
      }),
    ),
    null,
  ),
  registration: v.optional(v.nullable(written(60)), null),
});

export const stock = v.strictObject({
  id,
  code: v.string(),
  name,
  active,
  strength,
  volume: v.number(),
  expiresAt: instant,
  pricePerLitre: v.nullable(v.number()),
  label: v.nullable(productLabel),
  revision: v.number(),
  /** What is left in it by the record, m³. */
  left: v.number(),
  openedAt: v.nullable(instant),
  /** When and how it left the shelf. */
  goneAt: v.nullable(instant),
  gone: v.nullable(v.picklist(waysOff)),
  lot: v.nullable(v.string()),
  supplier: v.nullable(v.string()),
  /** How it is kept, as somebody said; nothing where nobody has. */
  storage: v.nullable(v.array(v.picklist(storages))),
});

/** How a container is kept, each once; nothing where nobody knows. */
const kept = v.optional(
  v.nullable(
    v.pipe(
      listOf(v.picklist(storages), storages.length),
      v.transform((list) => [...new Set(list)]),
    ),
  ),
  null,
);

const MOST_AT_ONCE = 50;

/** What has come in: so many containers of the same, as it says on them. */
export const receivedStock = v.strictObject({
  name,
  active: v.picklist(genericActives),
  strength,
  volume,
  count: v.pipe(
    v.number(),
    v.integer('whole-number-allowed'),
    v.minValue(1, 'at-least'),
    v.maxValue(MOST_AT_ONCE, 'at-most'),
  ),
  expiresAt: instant,
  pricePerLitre: v.nullable(
    v.pipe(v.number(), v.minValue(0, 'price-0-or-more'), v.maxValue(10_000)),
  ),
  lot: v.nullable(written(60)),
  supplier: v.nullable(written(80)),
  storage: kept,
});

/**
 * `volume`: what was counted or put in, m³, none left is 0. `why`: where a count differs, or where
 * it went. `from`: the container that it was topped up from. `storage`: how it is kept from now on.
 */
export const toldOfStock = v.strictObject({
  did: v.picklist(stockActs),
  volume: v.nullable(
    v.pipe(v.number(), v.minValue(0, 'over-zero-amount'), v.maxValue(0.1, 'most-amount')),
  ),
  why: v.nullable(sentence),
  from: v.optional(v.nullable(id), null),
  storage: kept,
});

/** Strengths as fractions: in nine cases of ten between `low` and `high`. A forecast, no check. */
export const stockStrength = v.strictObject({
  low: v.number(),
  middle: v.number(),
  high: v.number(),
  floor: v.number(),
  /** Not before the first, probably by the second; nothing where it never does. */
  crosses: v.nullable(v.strictObject({ earliest: instant, likely: instant })),
  readings: v.number(),
  /** The same over time, and what was read, to be drawn. */
  course: v.array(
    v.strictObject({ at: instant, low: v.number(), middle: v.number(), high: v.number() }),
  ),
  read: v.array(v.strictObject({ at: instant, low: v.number(), high: v.number() })),
  /** Which readings, from 0, the others speak against. */
  doubtful: v.array(v.number()),
});

export const productFields = v.strictObject({
  name,
  volume,
  expiresAt: instant,
  pricePerLitre: v.nullable(
    v.pipe(v.number(), v.minValue(0, 'price-0-or-more'), v.maxValue(10_000)),
  ),
  label: productLabel,
});

export type StockRow = v.InferOutput<typeof stock>;

/**
 * What the last weeks took: every batch that was poured, what it took of which stock, m³; until when
 * each container may be poured from; and what rounds took of people's time.
 */
export const stockUse = v.strictObject({
  since: instant,
  now: instant,
  poured: v.array(
    v.strictObject({
      at: instant,
      stockId: id,
      active,
      strength,
      volume: v.number(),
      stockVolume: v.number(),
    }),
  ),
  shelf: v.array(v.strictObject({ stockId: id, usableUntil: instant })),
  /** What visits of this week and the next need, by the day of the visit: YYYY-MM-DD. */
  planned: v.array(
    v.strictObject({
      day: v.string(),
      stockId: id,
      active,
      strength,
      volume: v.number(),
      stockVolume: v.number(),
    }),
  ),
  visits: v.strictObject({ count: v.number(), minutes: v.number(), surfaces: v.number() }),
});
export type StockUse = v.InferOutput<typeof stockUse>;
