/** Antoine's constants: log10 mmHg, °C. */
export type Antoine = readonly [number, number, number];

/** Antoine's constants of water. Source: Perry. */
export const waterAntoine: Antoine = [8.07131, 1730.63, 233.426];
/** Diffusivity of water in air at 25 °C, m²/s, and J/mol taken up. Source: Lugg-1968; Perry. */
export const waterVapour = { diffusivity: 2.5e-5, vaporisation: 44_000 } as const;
export const MMHG_PER_ATM = 760;
