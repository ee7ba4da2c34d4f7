/**
 * What a thing is, where that decides how it is descaled, soaked or steamed; any other is a plain
 * surface.
 */
export const things = [
  'surface',
  'tap',
  'shower-head',
  'shower-screen',
  'glass',
  'toilet-bowl',
  'kettle',
  'drip-coffee',
  'pressure-coffee',
  'dishwasher',
  'washing-machine',
  'microwave',
  'fridge',
  'drain',
  'hard-things',
  'cutlery',
  'white-cloths',
  'coloured-cloths',
  'toilet-brush',
  'plunger',
  'bath-tools',
  'sponge',
  'toys',
] as const;
export type Thing = (typeof things)[number];

/** What lies in a bath, rather than having a bath poured into it. */
export const soakedThings = [
  'hard-things',
  'cutlery',
  'white-cloths',
  'coloured-cloths',
  'toilet-brush',
  'plunger',
  'bath-tools',
  'sponge',
  'toys',
] as const satisfies Thing[];
export type SoakedThing = (typeof soakedThings)[number];
