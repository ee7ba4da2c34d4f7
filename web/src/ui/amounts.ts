import { w } from '../words/words.ts';
import { inMillilitres, oneOf, type Measure } from '@zymostat/core';
import type { KeyOf } from '@zymostat/words';
import type { UnitSystem } from '../store/units.ts';

/**
 * Which way an amount may be off: a stock never less, water never more, so that a batch never comes
 * out weaker.
 */
export type Rounding = 'near' | 'up' | 'down';

const quarters = ['', '¼', '½', '¾'];
const mixed = (inQuarters: number): string => {
  const whole = Math.floor(inQuarters / 4);
  const rest = quarters[inQuarters % 4]!;
  if (whole === 0) return rest;
  return rest ? `${whole} ${rest}` : String(whole);
};

/** From large to small, each with the quarters of it that are sold as a measure. */
const kitchen: { measure: KitchenMeasure; finest: number }[] = [
  { measure: 'gallon', finest: 4 },
  { measure: 'cup', finest: 1 },
  { measure: 'tablespoon', finest: 4 },
  { measure: 'teaspoon', finest: 1 },
];
type KitchenMeasure = KeyOf<'kitchen'> & Measure;

const turn = { near: Math.round, up: Math.ceil, down: Math.floor };
/** A hair is not an amount: what came from a fraction and back is taken for the fraction. */
const hair = { near: 0, up: -1e-6, down: 1e-6 };

/** "338 ml", "1.25 l" */
export const inMetric = (volume: number): string => {
  const ml = inMillilitres(volume);
  return ml >= 1000
    ? w.say('common.l', { l: Number((ml / 1000).toFixed(3)) })
    : w.say('common.ml', { ml: Number(ml.toFixed(ml < 100 ? 1 : 0)) });
};

/**
 * "1 ¼ cups + 1 tbsp + 1 ½ tsp": in the measures people have, to a quarter teaspoon; the exact ml
 * stand beside it.
 */
export const inKitchen = (volume: number, rounding: Rounding = 'near'): string => {
  const teaspoon = oneOf('teaspoon') / 4;
  let left = turn[rounding](volume / teaspoon + hair[rounding]) * teaspoon;
  const parts = kitchen.flatMap(({ measure, finest }) => {
    const quarter = oneOf(measure) / 4;
    const count = Math.floor(left / quarter / finest + 1e-3) * finest;
    left -= count * quarter;
    if (count === 0) return [];
    const more = count > 4 ? 'yes' : 'no';
    return [w.tell('kitchen', measure, { count: mixed(count), more })];
  });
  return parts.join(' + ') || w.name('common', 'lessThanTsp');
};

/** An amount in the person's own units. */
export const amountIn = (units: UnitSystem, volume: number, rounding?: Rounding): string =>
  units === 'us' ? inKitchen(volume, rounding) : inMetric(volume);
