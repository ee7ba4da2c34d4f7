import { w } from '../words/words.ts';
import { inMillilitres, oneOf, type Measure } from '@zymostat/core';

import type { UnitSystem } from '../store/units.ts';

/**
 * Which way an amount may be off: a stock never less, water never more, so that a batch never comes
 * out weaker.
 */
export type Rounding = 'near' | 'up' | 'down';

const quarters = ['', '¼', '½', '¾'];
const mixed = (inQuarters: number): string =>
  `${Math.floor(inQuarters / 4) || ''}${inQuarters >= 4 && inQuarters % 4 ? ' ' : ''}${quarters[inQuarters % 4]}`;

/** From large to small, each with the quarters of it that are sold as a measure. */
const kitchen: { measure: Measure; word: string; finest: number }[] = [
  { measure: 'gallon', word: w.name('common', 'gal'), finest: 4 },
  { measure: 'cup', word: w.name('common', 'cups'), finest: 1 },
  { measure: 'tablespoon', word: w.name('common', 'tbsp'), finest: 4 },
  { measure: 'teaspoon', word: w.name('common', 'tsp'), finest: 1 },
];
const turn = { near: Math.round, up: Math.ceil, down: Math.floor };

/** "338 ml", "1.25 l" */
export const inMetric = (volume: number): string => {
  const ml = inMillilitres(volume);
  return ml >= 1000
    ? `${Number((ml / 1000).toFixed(3))} l`
    : w.say('common.ml', { ml: Number(ml.toFixed(ml < 100 ? 1 : 0)) });
};

/**
 * "1 ¼ cups + 1 tbsp + 1 ½ tsp": in the measures people have, to a quarter teaspoon; the exact ml
 * stand beside it.
 */
export const inKitchen = (volume: number, rounding: Rounding = 'near'): string => {
  const teaspoon = oneOf('teaspoon') / 4;
  // A hair is not an amount: what came from a fraction and back is taken for the fraction.
  const hair = rounding === 'up' ? -1e-6 : rounding === 'down' ? 1e-6 : 0;
  let left = turn[rounding](volume / teaspoon + hair) * teaspoon;
  const parts = kitchen.flatMap(({ measure, word, finest }) => {
    const quarter = oneOf(measure) / 4;
    const count = Math.floor(left / quarter / finest + 1e-3) * finest;
    left -= count * quarter;
    return count > 0 ? [`${mixed(count)} ${word === 'cups' && count <= 4 ? 'cup' : word}`] : [];
  });
  return parts.join(' + ') || w.name('common', 'lessThanTsp');
};

/** An amount in the person's own units. */
export const amountIn = (units: UnitSystem, volume: number, rounding?: Rounding): string =>
  units === 'us' ? inKitchen(volume, rounding) : inMetric(volume);
