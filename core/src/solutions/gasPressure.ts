import { MOLAR_LITRES } from '../reference/components.ts';

/** m³ of gas at 20 °C and 1 atm. */
export const gasVolume = (moles: number): number => (moles * MOLAR_LITRES) / 1000;

/**
 * Atmospheres above the room's that `moles` of gas reach in a closed bottle's headspace (m³),
 * nothing staying dissolved: an upper bound.
 */
export const closedPressure = (moles: number, headspace: number): number => {
  if (!(headspace > 0)) throw new RangeError(`headspace ${headspace} m³: over 0 is allowed`);
  return gasVolume(moles) / headspace;
};
