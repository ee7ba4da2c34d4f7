import type { Active } from '../domain/families.ts';

/** Closer than this two strengths are the same. Source: house rule, under what any check tells. */
const SAME = 1e-4;

export interface OfStrength {
  active: Active;
  strength: number;
}

/** Whether two mixtures are the same: of one active, and as strong. */
export const sameSolution = (a: OfStrength, b: OfStrength): boolean =>
  a.active === b.active && Math.abs(a.strength - b.strength) < SAME;
