import type { Active } from '../domain/families.ts';
import { WATER_DENSITY } from '../reference/alcoholTables.ts';
import { alcoholDensity, massFraction } from './alcohol.ts';

/** Strengths are fractions in the active's own basis; volumes m³ at 20 °C. */
export interface Pour {
  stock: number;
  water: number;
  total: number;
  /** How much smaller the batch is than what was poured, as a fraction of what was poured. */
  contraction: number;
}

/** Strength of `volume` of a stock made up to `total`, whatever else is in it: fractions and m³. */
export const madeUpTo = (total: number, volume: number, stockStrength: number): number =>
  (volume * stockStrength) / total;

/**
 * What to pour for `total` m³ at `target` from a stock. Alcohol by mass, since it contracts with
 * water (OIML R 22 for ethanol, the density table for 2-propanol); peroxide and acetic acid by
 * volume, where the change is under 0.1 % at these strengths (common practice). Throws a RangeError
 * for a target over the stock.
 */
export const dilute = (
  active: Active,
  stockStrength: number,
  target: number,
  total: number,
): Pour => {
  if (!(target > 0 && target <= stockStrength)) {
    throw new RangeError(
      `target ${target}: over 0 and at most the stock's ${stockStrength} is allowed`,
    );
  }
  const stock = (total * target) / stockStrength;
  if (active !== 'ethanol' && active !== '2-propanol') {
    return { stock, water: total - stock, total, contraction: 0 };
  }
  const stockMass = stock * alcoholDensity(active, massFraction(active, stockStrength));
  const batchMass = total * alcoholDensity(active, massFraction(active, target));
  const water = target === stockStrength ? 0 : Math.max(0, (batchMass - stockMass) / WATER_DENSITY);
  return { stock, water, total, contraction: 1 - total / (stock + water) };
};
