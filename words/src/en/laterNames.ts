/** What things are called that the first page does not name. */

export const batchName = {
  'of disinfecting strength': 'of disinfecting strength',
  'for respiratory illness only': 'for flu, COVID, RSV and colds only',
  'a cleaner': 'a cleaner, not a disinfectant',
  'a cleaner and descaler': 'a cleaner and descaler, not a disinfectant',
  'a registered product': 'a registered product, by its own label',
} as const;

export const routeMeans = {
  vessel: 'nor a bottle that held the other, until it is washed and relabelled',
  surface: 'not while either is wet there, or not yet rinsed off',
  drain: 'not down the same drain within a visit',
  air: 'not both wet at once in a small or closed room',
  caddy: 'not carried together: a knocked-over bottle meets the other',
  shelf: 'on different shelves, well apart',
} as const;

export const level = {
  above: 'Above head',
  eye: 'Eye',
  hand: 'Hand',
  knee: 'Knee',
  toilet: 'Toilet',
  mirror: 'Mirror',
  floor: 'Floor',
} as const;

export const touched = {
  seldom: 'seldom touched',
  daily: 'touched daily',
  often: 'touched often',
} as const;

export const outcome = {
  use: 'Use',
  care: 'Care',
  never: 'Never',
} as const;

export const container = {
  any: 'any clean bottle',
  'glass or HDPE': 'glass or HDPE',
  HDPE: 'HDPE',
  'any clean bottle': 'any clean bottle',
  opaque: 'opaque or brown, {container}',
  tight: '{container}, tight lid',
  open: '{container}, never closed',
} as const;

export const checked = {
  measured: '{strength} measured, ± {uncertainty}: {result}',
} as const;

/** Measures of the kitchen, one or more of each. */
export const kitchen = {
  gallon: '{count} gal',
  cup: '{count} {more, select, yes {cups} other {cup}}',
  tablespoon: '{count} tbsp',
  teaspoon: '{count} tsp',
} as const;

/** How a container is kept. */
export const storedAs = {
  'dark-cool': 'dark and cool',
  warm: 'warm: a van in summer, over 25 °C',
  clear: 'in the light, in a clear bottle',
  'warm-clear': 'warm and in the light',
  unknown: 'nobody knows',
} as const;
