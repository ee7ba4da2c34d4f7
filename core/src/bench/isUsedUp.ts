/** Less than this is no filling, m³. */
const LEAST_FILLING = 1e-6;

/**
 * Whether all of a batch of `volume` m³ stands in the bottles (m³ each) that were filled from it.
 */
export const isUsedUp = (volume: number, filled: readonly number[]): boolean =>
  volume - filled.reduce((sum, one) => sum + one, 0) < LEAST_FILLING;
