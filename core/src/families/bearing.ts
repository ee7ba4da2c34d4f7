import type { Outcome } from '../domain/outcome.ts';
import type { MaterialId } from '../reference/materials.ts';

/** What a material bears of one family at working strength. */
export interface Bearing {
  outcome: Outcome;
  rinse?: true;
  /** On a damp cloth only, never sprayed. */
  cloth?: true;
  /** Not while the surface is hot. */
  untilCool?: true;
}

/** What every material bears of one family. */
export type Bearings = Record<MaterialId, Bearing>;

export const use: Bearing = { outcome: 'use' };
export const care: Bearing = { outcome: 'care' };
export const never: Bearing = { outcome: 'never' };
export const rinsed = (bearing: Bearing): Bearing => ({ ...bearing, rinse: true });
export const onCloth = (bearing: Bearing): Bearing => ({ ...bearing, cloth: true });
export const untilCool = (bearing: Bearing): Bearing => ({ ...bearing, untilCool: true });
