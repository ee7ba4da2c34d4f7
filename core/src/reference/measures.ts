/** Litres in one measure. Source: NIST Handbook 44 / SP 811 for US customary volumes (memory). */
export const litresPerMeasure = {
  ml: 0.001,
  cl: 0.01,
  dl: 0.1,
  l: 1,
  teaspoon: 0.00492892,
  tablespoon: 0.0147868,
  'fluid ounce': 0.0295735,
  cup: 0.236588,
  pint: 0.473176,
  quart: 0.946353,
  gallon: 3.785412,
} as const;

export type Measure = keyof typeof litresPerMeasure;
