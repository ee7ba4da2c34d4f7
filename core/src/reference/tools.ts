import type { Measure } from '../units/measures.ts';

/**
 * How well people measure with what they have: one standard deviation, relative; for scales also at
 * least `least` kg. Source: ISO 4788, ISO 7886; the rest common practice, no source.
 */
export const tools = {
  cup: { off: 0.05 },
  spoon: { off: 0.08 },
  'by eye': { off: 0.15 },
  jug: { off: 0.03 },
  cylinder: { off: 0.01 },
  syringe: { off: 0.04 },
  'kitchen scale': { off: 0.005, least: 0.001 },
  'bench scale': { off: 0.0005, least: 0.00001 },
  'free pour': { off: 0.25 },
} as const satisfies Record<string, { off: number; least?: number }>;
export type Tool = keyof typeof tools;

/** What people reach for when they write an amount so. Source: common practice, no source. */
export const toolFor: Record<Measure, Tool> = {
  teaspoon: 'spoon',
  tablespoon: 'spoon',
  cup: 'cup',
  'fluid ounce': 'jug',
  pint: 'jug',
  quart: 'jug',
  gallon: 'jug',
  ml: 'jug',
  cl: 'jug',
  dl: 'jug',
  l: 'jug',
};

/**
 * m³. A drop of water (USP 1101), one of oil or alcohol, and a capful until somebody has measured
 * it. Source: USP-1101; common practice.
 */
export const DROP = 0.05e-6;
export const OIL_DROP = 0.025e-6;
export const CAPFUL = 10e-6;

/** kg. Source: NIST. */
export const OUNCE = 0.0283495;
export const POUND = 16 * OUNCE;
