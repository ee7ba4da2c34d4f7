/**
 * Strongest that may be used to clean with, as fractions in the usual basis: beyond it a splash
 * blinds or burns. Source: CLP (peroxide, acetic acid); WHO-2020 (alcohol).
 */
export const cleaningTops = {
  'hydrogen peroxide': 0.08,
  'acetic acid': 0.1,
  alcohol: 0.9,
} as const;

/** Acetic acid inside an appliance that is descaled, w/v. Source: CLP. */
export const DESCALING_TOP = 0.25;
