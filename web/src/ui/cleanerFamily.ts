import type { Cleaner, Family } from '@zymostat/core';

/** As what a cleaner is drawn; soap and soda are plain. */
export const familyOfCleaner = (cleaner: Cleaner): Family | undefined => {
  if (cleaner === 'peroxide' || cleaner === 'alcohol') return cleaner;
  return cleaner.startsWith('vinegar') || cleaner === 'citric' ? 'vinegar' : undefined;
};
