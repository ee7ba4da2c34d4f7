/** The US gallon is 231 cubic inches, exactly. Source: NIST Handbook 44. */
const GALLON = 3.785411784;

/** Litres in one measure; the US ones are whole parts of the gallon. Source: NIST SP 811. */
export const litresPerMeasure = {
  ml: 0.001,
  cl: 0.01,
  dl: 0.1,
  l: 1,
  teaspoon: GALLON / 768,
  tablespoon: GALLON / 256,
  'fluid ounce': GALLON / 128,
  cup: GALLON / 16,
  pint: GALLON / 8,
  quart: GALLON / 4,
  gallon: GALLON,
} as const;

export type Measure = keyof typeof litresPerMeasure;
