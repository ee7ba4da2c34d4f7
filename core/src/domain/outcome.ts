/**
 * What may be done: `use` freely, `care` by a competent person who says why, `never` by anybody.
 */
export type Outcome = 'use' | 'care' | 'never';

/** The worse the later. */
export const rank: Record<Outcome, number> = { use: 0, care: 1, never: 2 };

/** The worse of two outcomes. */
export const worse = (a: Outcome, b: Outcome): Outcome => (rank[a] >= rank[b] ? a : b);
