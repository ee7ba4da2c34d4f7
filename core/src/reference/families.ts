import type { Basis } from '../units/strength.ts';
import type { Group } from './groups.ts';

/** The three families that the evidence tables speak of. */
export const families = ['peroxide', 'alcohol', 'vinegar'] as const;
export type GenericFamily = (typeof families)[number];
/** A registered product goes by its own label. */
export type Family = GenericFamily | 'product';

export const genericActives = [
  'hydrogen peroxide',
  'ethanol',
  '2-propanol',
  'acetic acid',
] as const;
export type GenericActive = (typeof genericActives)[number];
export const actives = [...genericActives, 'registered product'] as const;
export type Active = (typeof actives)[number];

/** Whether the tables and models know it; a registered product's label does instead. */
export const isGeneric = (active: Active): active is GenericActive =>
  active !== 'registered product';

/**
 * Which family an active belongs to, in which basis its strength is given, and its reactive group;
 * a product's groups are its label's.
 */
export const activeFacts: Record<Active, { family: Family; basis: Basis; group: Group }> &
  Record<GenericActive, { family: GenericFamily; basis: Basis; group: Group }> = {
  'hydrogen peroxide': { family: 'peroxide', basis: 'w/v', group: 'peroxide' },
  ethanol: { family: 'alcohol', basis: 'v/v', group: 'alcohol' },
  '2-propanol': { family: 'alcohol', basis: 'v/v', group: 'alcohol' },
  'acetic acid': { family: 'vinegar', basis: 'w/v', group: 'acid' },
  'registered product': { family: 'product', basis: 'w/v', group: 'unknown' },
};
