import type { Against } from '../domain/goals.ts';
import { PEROXIDE_TOP, PEROXIDE_USUAL } from '../reference/contactTimes.ts';
import { figuresOf, type HouseRules } from '../reference/houseRules.ts';
import type { FamilyFacts, Time } from './family.ts';
import { bears } from './peroxideBearings.ts';
import { peroxideSeconds } from './peroxideSeries.ts';

const DAY = 86_400;

/**
 * Henry's constant of peroxide over water at 25 °C, mol/(L atm), and how it falls with warmth, K.
 * Source: Sander-2015.
 */
export const peroxideHenry = { at25: 8.3e4, slope: 7400 } as const;

/**
 * Published for one rhinovirus study only; everything else wants the usual strength. Source:
 * CDC-2008.
 */
const hasSeries = (against: Against): boolean => against === 'respiratory' || against === 'cold';

const span = (against: Against, rules: HouseRules) => ({
  floor: hasSeries(against) ? figuresOf(rules).peroxideFloor : PEROXIDE_USUAL,
  top: PEROXIDE_TOP,
});

/** The published series, or the house's own minimum where that is longer. Source: CDC-2008. */
const time = (strength: number, rules: HouseRules): Time => {
  const published = peroxideSeconds(strength / (1 - 1e-9)) ?? Infinity;
  const least = figuresOf(rules).peroxideLeastSeconds;
  return published <= least
    ? { seconds: least, by: 'house-rule' }
    : { seconds: Math.ceil(published - 1e-3), by: 'evidence' };
};

export const peroxide: FamilyFacts<'hydrogen peroxide'> = {
  family: 'peroxide',
  foundAs: 'peroxide',
  actives: {
    'hydrogen peroxide': {
      basis: 'w/v',
      group: 'peroxide',
      ingredient: 'peroxide',
      // Source: NIOSH; EH40 over a quarter of an hour.
      air: { shortTerm: 2, day: 1, dangerous: 75, explosive: 1, stricter: null },
      // Source: Perry; diffusivity scaled from 60 °C.
      antoine: [7.96917, 1886.76, 220.6],
      diffusivity: 1.55e-5,
      vaporisation: 51_600,
    },
  },
  usualStrength: 0.03, // Common practice, no source.
  bears,
  bearsUpTo: 0.03,
  cleaningTop: 0.08, // Source: CLP.
  disinfecting: {
    span,
    time,
    floorSource: 'CDC-2008',
    topSource: 'CLP Annex VI',
    takesMildew: (rules) => rules.mildew === 'peroxide',
  },
  filmFloor: (against, rules) => span(against, rules).floor,
  keeping: (_, diluted) =>
    diluted
      ? { seconds: DAY, because: 'diluted-peroxide', source: 'common practice, no source' }
      : {
          seconds: 30 * DAY,
          because: 'opened-peroxide',
          source: 'common practice, no source: test monthly',
        },
  check: 'strip',
  bottle: { opaque: true },
  leastForWeak: 0.03, // Source: CDC-2008.
  airedAfter: true,
};
