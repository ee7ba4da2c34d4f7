import type { Family } from '../reference/families.ts';

const DAY = 86_400;

/** How long a batch may be kept, in seconds, and why. */
export interface Keeping {
  seconds: number;
  because:
    | 'diluted-peroxide'
    | 'opened-peroxide'
    | 'diluted-vinegar'
    | 'vinegar-keeps'
    | 'alcohol-in-strength'
    | 'alcohol-weak'
    | 'by-its-date';
  source: string;
}

/**
 * How long a bottled batch keeps. `diluted`: water went in. `strength` as a fraction. Undiluted
 * vinegar keeps indefinitely; a bottle of it is still looked at after a year.
 */
export const shelfLife = (family: Family, strength: number, diluted: boolean): Keeping => {
  if (family === 'peroxide') {
    return diluted
      ? { seconds: DAY, because: 'diluted-peroxide', source: 'common practice, no source' }
      : {
          seconds: 30 * DAY,
          because: 'opened-peroxide',
          source: 'common practice, no source: test monthly',
        };
  }
  if (family === 'product')
    return {
      seconds: 365 * DAY,
      because: 'by-its-date',
      source: 'common practice, no source: by date, else a year',
    };
  if (family === 'vinegar') {
    return diluted
      ? { seconds: 7 * DAY, because: 'diluted-vinegar', source: 'common practice, no source' }
      : { seconds: 365 * DAY, because: 'vinegar-keeps', source: 'common practice, no source' };
  }
  return strength >= 0.6
    ? { seconds: 730 * DAY, because: 'alcohol-in-strength', source: 'common practice, no source' }
    : { seconds: 7 * DAY, because: 'alcohol-weak', source: 'common practice, no source' };
};
