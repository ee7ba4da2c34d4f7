import { ALCOHOL_TOP } from '../reference/contactTimes.ts';
import { figuresOf } from '../reference/houseRules.ts';
import { bears } from './alcoholBearings.ts';
import type { FamilyFacts } from './family.ts';

const DAY = 86_400;
/** From here on alcohol keeps itself, v/v. Source: common practice, no source. */
const KEEPS = 0.6;

/**
 * Van Laar's constants with water and the closed-cup flash point in °C. Source: Perry; NIOSH.
 */
export const alcoholVapours = {
  ethanol: { vanLaar: [1.6798, 0.9227], flashPoint: 13 },
  '2-propanol': { vanLaar: [2.4702, 1.0938], flashPoint: 12 },
} as const;

export const alcohol: FamilyFacts<'ethanol' | '2-propanol'> = {
  family: 'alcohol',
  foundAs: 'alcohol',
  actives: {
    ethanol: {
      basis: 'v/v',
      group: 'alcohol',
      ingredient: 'ethanol',
      // Source: NIOSH; stricter ones ACGIH.
      air: {
        shortTerm: null,
        day: 1000,
        dangerous: 3300,
        explosive: 0.033,
        stricter: { shortTerm: 1000, day: 1000 },
      },
      // Source: Perry; Lugg-1968.
      antoine: [8.20417, 1642.89, 230.3],
      diffusivity: 1.18e-5,
      vaporisation: 42_300,
    },
    '2-propanol': {
      basis: 'v/v',
      group: 'alcohol',
      ingredient: '2-propanol',
      // Source: NIOSH; stricter ones ACGIH.
      air: {
        shortTerm: 500,
        day: 400,
        dangerous: 2000,
        explosive: 0.02,
        stricter: { shortTerm: 400, day: 200 },
      },
      // Source: Perry; Lugg-1968.
      antoine: [8.11778, 1580.92, 219.61],
      diffusivity: 1.01e-5,
      vaporisation: 45_400,
      notForColds: true, // Source: CDC-2008: rhinovirus has no envelope.
    },
  },
  usualStrength: 0.7, // Common practice, no source.
  bears,
  bearsUpTo: 0.9,
  cleaningTop: 0.9, // Source: WHO-2020.
  disinfecting: {
    span: (_, rules) => ({ floor: figuresOf(rules).alcoholFloor, top: ALCOHOL_TOP }),
    time: (_, rules) => ({ seconds: figuresOf(rules).alcoholSeconds, by: 'house-rule' }),
    floorSource: 'CDC-2008, CDC-home; house rule',
    topSource: 'CDC-2008, WHO-2020',
    // No row of the evidence speaks of alcohol on mildew, whatever the house prefers: it cleans
    // and dries.
    takesMildew: () => false,
  },
  filmFloor: (_, rules) => figuresOf(rules).alcoholFilmFloor,
  keeping: (strength) =>
    strength >= KEEPS
      ? {
          seconds: 730 * DAY,
          because: 'alcohol-in-strength',
          source: 'common practice, no source',
        }
      : { seconds: 7 * DAY, because: 'alcohol-weak', source: 'common practice, no source' },
  check: 'density',
  bottle: { notPet: true },
  leastForWeak: 0.7, // Source: CDC-2008.
  driesWhole: true,
  alikeInSpan: true,
  airedAfter: true,
};
