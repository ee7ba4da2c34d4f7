import type { Basis } from '../units/strength.ts';
import type { Group } from './neverCombine.ts';

/** The three families that are compared, and the detergent that cleans before them. */
export const families = ['peroxide', 'alcohol', 'vinegar'] as const;
export type Family = (typeof families)[number];

export const actives = ['hydrogen peroxide', 'ethanol', '2-propanol', 'acetic acid'] as const;
export type Active = (typeof actives)[number];

/** Which family an active belongs to, in which basis its strength is given, and its reactive group. */
export const activeFacts: Record<Active, { family: Family; basis: Basis; group: Group }> = {
  'hydrogen peroxide': { family: 'peroxide', basis: 'w/v', group: 'peroxide' },
  ethanol: { family: 'alcohol', basis: 'v/v', group: 'alcohol' },
  '2-propanol': { family: 'alcohol', basis: 'v/v', group: 'alcohol' },
  'acetic acid': { family: 'vinegar', basis: 'w/v', group: 'acid' },
};
