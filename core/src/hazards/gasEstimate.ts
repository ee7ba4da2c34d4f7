/** Litres of any gas per mol at 20 °C and 1 atm. Source: ideal gas. */
const MOLAR_LITRES = 24.06;
const HYPOCHLORITE_MOLAR_MASS = 74.44;

/** Chlorine in air, ppm. Source: NIOSH (memory). */
export const chlorineLimits = { shortTerm: 0.5, immediatelyDangerous: 10 } as const;

/** Upper bound in ppm of `moles` of gas spread through a room of `roomVolume` m³. Throws a RangeError for no room. */
export const gasPpm = (moles: number, roomVolume: number): number => {
  if (!(roomVolume > 0)) throw new RangeError(`room volume ${roomVolume} m³: over 0 is allowed`);
  return ((moles * MOLAR_LITRES) / (roomVolume * 1000)) * 1e6;
};

/**
 * Upper bound of chlorine in ppm when `volume` m³ of bleach of `strength` (fraction w/v) meets acid in excess:
 * one Cl2 per hypochlorite, all of it set free and mixed through the room. Source: stoichiometry.
 */
export const chlorineBound = (volume: number, strength: number, roomVolume: number): number =>
  gasPpm((volume * 1e6 * strength) / HYPOCHLORITE_MOLAR_MASS, roomVolume);
