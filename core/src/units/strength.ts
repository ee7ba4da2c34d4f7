/** What a strength is a fraction of: volume in volume, mass (g) in volume (mL), mass in mass. */
export type Basis = 'v/v' | 'w/v' | 'w/w';

/** `value` is a fraction, 0 to 1: 70 % v/v is `{ value: 0.7, basis: 'v/v' }`. */
export interface Strength {
  value: number;
  basis: Basis;
}

/** A reading of what somebody wrote, or what was found there and what would be allowed. */
export type Read<T> = { ok: true; value: T } | { ok: false; found: string; allowed: string };

/**
 * Litres of oxygen (0 °C, 1 atm) one litre of peroxide solution gives off, per mol/L: half of 22.4.
 */
const OXYGEN_PER_MOLAR = 11.2;
const PEROXIDE_MOLAR_MASS = 34.015;

/** "10 volume" peroxide as a fraction w/v. Source: definition, volumes = 11.2 × molarity. */
export const volumesToStrength = (volumes: number): number =>
  ((volumes / OXYGEN_PER_MOLAR) * PEROXIDE_MOLAR_MASS) / 1000;

/** Fraction w/v of peroxide as volumes of oxygen. */
export const strengthToVolumes = (value: number): number =>
  ((value * 1000) / PEROXIDE_MOLAR_MASS) * OXYGEN_PER_MOLAR;

const allowed = 'a strength such as 3 %, 70%, 190 proof or 10 volume, over 0 and at most 100 %';

/**
 * Reads a strength as people write it ("70 %", "70", "190 proof", "10 volume").
 * Gives a fraction in the basis that `basis` names; proof is US, twice % v/v.
 */
export const parseStrength = (text: string, basis: Basis): Read<Strength> => {
  const refuse = { ok: false, found: text.trim(), allowed } as const;
  const match = /^(\d+(?:[.,]\d+)?)\s*(%|per ?cent|proof|vol(?:ume)?s?)?$/i.exec(text.trim());
  if (!match) return refuse;
  const figure = Number(match[1]!.replace(',', '.'));
  const unit = (match[2] ?? '%').toLowerCase();
  if (unit === 'proof' && basis !== 'v/v')
    return { ...refuse, allowed: 'proof counts alcohol only; give this one in %' };
  if (unit.startsWith('vol') && basis !== 'w/v')
    return { ...refuse, allowed: 'volumes count peroxide only; give this one in %' };
  const value = unit.startsWith('vol')
    ? volumesToStrength(figure)
    : figure / (unit === 'proof' ? 200 : 100);
  return value > 0 && value <= 1 ? { ok: true, value: { value, basis } } : refuse;
};
