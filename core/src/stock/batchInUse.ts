const DAY_MS = 86_400_000;

/** Where a batch went, by the record. */
export interface Whereabouts {
  madeAt: number;
  discardAfter: number;
  setAside: boolean;
  /** Whether a bottle holds it now: filled from it, and not washed or filled anew since. */
  inBottle: boolean;
}

/**
 * Whether a batch counts as in use: a bottle holds it, or it was made within a day and may not have
 * been filled yet. Whatever else it is leaves the list by itself, and can be looked up. Source:
 * house rule.
 */
export const batchInUse = (
  { madeAt, discardAfter, setAside, inBottle }: Whereabouts,
  now: number,
): boolean => !setAside && discardAfter > now && (inBottle || now - madeAt < DAY_MS);
