import type { Component } from './components.ts';

/**
 * Antoine's constants (log10 mmHg, °C), van Laar's with water, closed-cup flash point in °C.
 * Source: Perry; NIOSH.
 */
export const alcoholVapours = {
  ethanol: { antoine: [8.20417, 1642.89, 230.3], vanLaar: [1.6798, 0.9227], flashPoint: 13 },
  '2-propanol': { antoine: [8.11778, 1580.92, 219.61], vanLaar: [2.4702, 1.0938], flashPoint: 12 },
} as const satisfies Partial<Record<Component, unknown>>;

export const waterAntoine = [8.07131, 1730.63, 233.426] as const;
export const MMHG_PER_ATM = 760;

/** Antoine's constants of the others that a film can hold. Source: Perry. */
export const otherAntoine = {
  'acetic acid': [7.55716, 1642.54, 233.386],
  'hydrogen peroxide': [7.96917, 1886.76, 220.6],
} as const;

/**
 * Henry's constant of peroxide over water at 25 °C, mol/(L atm), and how it falls with warmth, K.
 * Source: Sander-2015.
 */
export const peroxideHenry = { at25: 8.3e4, slope: 7400 } as const;
