import type { FamilyFacts } from './family.ts';
import { bears } from './vinegarBearings.ts';

const DAY = 86_400;

export const vinegar: FamilyFacts<'acetic acid'> = {
  family: 'vinegar',
  foundAs: 'acid',
  actives: {
    'acetic acid': {
      basis: 'w/v',
      group: 'acid',
      ingredient: 'vinegar',
      // Source: NIOSH.
      air: { shortTerm: 15, day: 10, dangerous: 50, explosive: 0.04, stricter: null },
      // Source: Perry; Lugg-1968.
      antoine: [7.55716, 1642.54, 233.386],
      diffusivity: 1.23e-5,
      vaporisation: 51_600,
    },
  },
  usualStrength: 0.05, // Common practice, no source.
  bears,
  bearsUpTo: 0.06,
  cleaningTop: 0.1, // Source: CLP.
  // It is not registered, and no evidence says that it disinfects. Source: EPA; Rutala-2000.
  disinfecting: null,
  filmFloor: () => 0,
  // Undiluted vinegar keeps indefinitely; a bottle of it is still looked at after a year.
  keeping: (_, diluted) =>
    diluted
      ? { seconds: 7 * DAY, because: 'diluted-vinegar', source: 'common practice, no source' }
      : { seconds: 365 * DAY, because: 'vinegar-keeps', source: 'common practice, no source' },
  check: null,
  bottle: {},
};
