import type { ProductId } from './products.ts';

/** What dry laundry and scouring mixtures are made of. */
export const powderParts = [
  'washing-soda',
  'baking-soda',
  'percarbonate',
  'citric-acid',
  'borax',
  'soap-flakes',
  'salt',
] as const;
export type PowderPart = (typeof powderParts)[number];

/** As what of the book each counts; salt as nothing. */
export const powderProducts: Record<PowderPart, ProductId | null> = {
  'washing-soda': 'washing-soda',
  'baking-soda': 'baking-soda',
  percarbonate: 'percarbonate',
  'citric-acid': 'citric-descaler',
  borax: 'borax',
  'soap-flakes': 'castile-soap',
  salt: null,
};

/** kg a load of 5 kg, and half as much again where water is hard. Source: common practice. */
export const LOAD_DOSE = 0.03;
export const USUAL_LOAD = 5;
export const HARD_WATER = 1.5;
/** kg from which so much dust flies that a mask is worn. Source: common practice, no source. */
export const DUSTY = 0.5;
