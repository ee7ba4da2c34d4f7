import type { Active } from '../domain/families.ts';
import { WATER_DENSITY } from '../reference/alcoholTables.ts';
import { alcoholDensity, alcoholOf, massFraction } from '../solutions/alcohol.ts';

/** What goes into a batch so that it comes to what was meant: of what, and how much (m³). */
export interface PutRight {
  add: 'stock' | 'water';
  volume: number;
}

/** A batch that is not what was meant: strengths as fractions in the active's basis, m³. */
export interface OffBatch {
  active: Active;
  /** Strength of the stock it was poured from. */
  stock: number;
  measured: number;
  meant: number;
  volume: number;
}

/** Less than this, as a fraction of the batch, nobody can pour. */
const LEAST = 0.001;

/**
 * What strengthens a weak batch, or thins a strong one, to the strength that was meant: of the
 * stock it was poured from, or of water. Alcohol by mass, the rest by volume, as in pouring.
 * Nothing where the stock is no stronger than what was meant.
 */
export const putRight = ({ active, stock, measured, meant, volume }: OffBatch): PutRight | null => {
  const alcohol = alcoholOf(active);
  const part = (strength: number) => (alcohol ? massFraction(alcohol, strength) : strength);
  const density = (strength: number) =>
    alcohol ? alcoholDensity(alcohol, massFraction(alcohol, strength)) : WATER_DENSITY;
  const batch = volume * density(measured);
  const weak = measured < meant;
  if (weak && stock <= meant) return null;
  const mass = weak
    ? (batch * (part(meant) - part(measured))) / (part(stock) - part(meant))
    : (batch * (part(measured) - part(meant))) / part(meant);
  const added = mass / (weak ? density(stock) : WATER_DENSITY);
  return added < LEAST * volume ? null : { add: weak ? 'stock' : 'water', volume: added };
};
