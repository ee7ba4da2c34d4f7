import { alcoholDensity, volumeFraction, type Alcohol } from './alcohol.ts';
import { ethanolDensity } from './ethanolDensity.ts';

/**
 * kg/m³ of alcohol and water by mass fraction at `t` °C. Ethanol by OIML R 22; 2-propanol is
 * tabulated at 20 °C only and is taken to expand as ethanol does (an estimate). Throws a RangeError
 * from outside -20 to 40 °C.
 */
export const densityAt = (alcohol: Alcohol, p: number, t: number): number =>
  alcohol === 'ethanol'
    ? ethanolDensity(p, t)
    : (alcoholDensity(alcohol, p) * ethanolDensity(p, t)) / ethanolDensity(p, 20);

/**
 * A meter's own uncertainty in v/v: the tables' (OIML R 22; Perry, memory: two recollections differ
 * by 0.25 %).
 */
export const densityUncertainty: Record<Alcohol, number> = { ethanol: 0.003, '2-propanol': 0.01 };

/**
 * The strength v/v at 20 °C that a density (kg/m³) at `t` °C tells, or nothing where no mixture of
 * that alcohol weighs so.
 */
export const strengthFromDensity = (
  alcohol: Alcohol,
  density: number,
  t: number,
): number | undefined => {
  const at = (p: number) => densityAt(alcohol, p, t);
  if (!(density <= at(0) + 0.05 && density >= at(1) - 0.05)) return undefined;
  let [low, high] = [0, 1];
  while (high - low > 1e-10) {
    const middle = (low + high) / 2;
    if (at(middle) > density) low = middle;
    else high = middle;
  }
  return volumeFraction(alcohol, (low + high) / 2);
};
