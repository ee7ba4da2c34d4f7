import type { Situation } from '../domain/situations.ts';

/** Parts of solubiliser to one of scent: to begin with, and where it beads. Common practice. */
export const solubiliser = { usual: 2, least: 1 } as const;
/** Most scent in a spray, as a fraction. Source: common practice, no source. */
export const MOST_SCENT = 0.02;
/** Alcohol above this part dissolves light oils by itself, v/v. Source: common practice. */
export const ALCOHOL_DISSOLVES = 0.5;
/** s that an oil keeps once opened. Source: common practice, no source. */
export const OIL_KEEPS = 365 * 86_400;
/** With whom there is none at all. Source: common practice, no source. */
export const noScentWith: readonly Situation[] = ['cat', 'bird', 'infant', 'asthma', 'pregnancy'];
