import { inMillilitres, oneOf, type Measure } from '@zymostat/core';

export type UnitSystem = 'us' | 'metric';

const eighths = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

const mixed = (figure: number): string => {
  const rounded = Math.round(figure * 8);
  const [whole, part] = [Math.floor(rounded / 8), rounded % 8];
  return `${whole || (part ? '' : '0')}${whole && part ? ' ' : ''}${eighths[part]}`;
};

/** From large to small; a measure serves from the second figure on. */
const kitchen: [Measure, string, number][] = [['gallon', 'gal', 1], ['quart', 'qt', 1], ['cup', 'cup', 0.25], ['tablespoon', 'tbsp', 1], ['teaspoon', 'tsp', 0]];

/** "338 ml", "1.25 l" */
export const inMetric = (volume: number): string => {
  const ml = inMillilitres(volume);
  return ml >= 1000 ? `${Number((ml / 1000).toFixed(3))} l` : `${Number(ml.toFixed(ml < 100 ? 1 : 0))} ml`;
};

/** "about 1 ⅜ cup": to the nearest eighth; the exact figure in ml stands beside it. */
export const inKitchen = (volume: number): string => {
  const [measure, word] = kitchen.find(([one, , least]) => volume / oneOf(one) >= least)!;
  const figure = volume / oneOf(measure);
  return `${mixed(figure)} ${word}${measure === 'cup' && figure > 1.06 ? 's' : ''}`;
};

/** An amount in the person's own units. */
export const amountIn = (units: UnitSystem, volume: number): string => (units === 'us' ? inKitchen(volume) : inMetric(volume));
