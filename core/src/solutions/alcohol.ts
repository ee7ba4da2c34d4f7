import type { Active } from '../domain/families.ts';
import { ethanolDensity } from './ethanolDensity.ts';
import { propanolDensity } from './propanolDensity.ts';

export type Alcohol = Extract<Active, 'ethanol' | '2-propanol'>;

/** The alcohol that a component is, or nothing. */
export const alcoholOf = (of: string): Alcohol | undefined =>
  of === 'ethanol' || of === '2-propanol' ? of : undefined;

/** kg/m³ at 20 °C of an alcohol and water, by mass fraction. */
export const alcoholDensity = (alcohol: Alcohol, massFraction: number): number =>
  alcohol === 'ethanol' ? ethanolDensity(massFraction) : propanolDensity(massFraction);

/** Volume fraction (at 20 °C, of the mixture's volume) of a mass fraction: p ρ(p) / ρ(1). */
export const volumeFraction = (alcohol: Alcohol, massFraction: number): number =>
  (massFraction * alcoholDensity(alcohol, massFraction)) / alcoholDensity(alcohol, 1);

/**
 * Mass fraction of a volume fraction: the inverse, by bisection to 1e-12; the relation is monotone.
 */
export const massFraction = (alcohol: Alcohol, volume: number): number => {
  if (!(volume >= 0 && volume <= 1))
    throw new RangeError(`volume fraction ${volume}: 0 to 1 is allowed`);
  let [low, high] = [0, 1];
  while (high - low > 1e-12) {
    const middle = (low + high) / 2;
    if (volumeFraction(alcohol, middle) < volume) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

/**
 * What stands in a vessel: an alcohol's volume fraction and the volume in m³. Strength 0 is water.
 */
export interface AlcoholLot {
  strength: number;
  volume: number;
}

/**
 * Pours lots of one alcohol (and water) together at 20 °C: masses add, volumes do not.
 * Gives the strength v/v, the volume in m³ and how much smaller it is than the sum, as a fraction.
 */
export const pourTogether = (
  alcohol: Alcohol,
  lots: AlcoholLot[],
): AlcoholLot & { contraction: number } => {
  const parts = lots.map(({ strength, volume }) => {
    const p = massFraction(alcohol, strength);
    const mass = volume * alcoholDensity(alcohol, p);
    return { volume, mass, pure: mass * p };
  });
  const sum = (of: 'volume' | 'mass' | 'pure') =>
    parts.reduce((total, part) => total + part[of], 0);
  const p = sum('pure') / sum('mass');
  const volume = sum('mass') / alcoholDensity(alcohol, p);
  return { strength: volumeFraction(alcohol, p), volume, contraction: 1 - volume / sum('volume') };
};
