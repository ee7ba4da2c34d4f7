/** What is on a surface; `everyday` is dust and touch marks, `body` urine or vomit. */
export const soils = [
  'everyday',
  'grease',
  'burnt-on',
  'limescale',
  'soap-film',
  'mildew',
  'rust',
  'sticky',
  'smell',
  'body',
] as const;
export type Soil = (typeof soils)[number];

/** How much lime sits there, as people say it. */
export const limeAmounts = ['pinch', 'crust'] as const;
export type LimeAmount = (typeof limeAmounts)[number];
