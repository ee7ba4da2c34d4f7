/**
 * Lighter than this, kg, no bottle is; heavier than this part of what it is to hold, few are empty.
 * Common practice, no source.
 */
const LIGHTEST = 0.01;
const HEAVIEST = 0.5;

/**
 * What is doubtful about setting a scale to zero with `onScale` kg on it, for a bottle that is to
 * hold `toPour` kg.
 */
export const doubtOfTare = (
  onScale: number,
  toPour: number,
): 'below-zero' | 'no-bottle' | 'not-empty' | null => {
  if (onScale < -LIGHTEST) return 'below-zero';
  if (onScale < LIGHTEST) return 'no-bottle';
  return onScale > HEAVIEST * toPour ? 'not-empty' : null;
};
