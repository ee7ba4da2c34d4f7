import { oiml } from '../reference/alcoholTables.ts';

/**
 * Density in kg/m³ of ethanol and water. `p` mass fraction of ethanol (0 to 1), `t` °C (-20 to 40).
 * Throws a RangeError outside. Source: OIML R 22 general formula.
 */
export const ethanolDensity = (p: number, t = 20): number => {
  if (!(p >= 0 && p <= 1)) throw new RangeError(`mass fraction ${p}: 0 to 1 is allowed`);
  if (!(t >= -20 && t <= 40)) throw new RangeError(`temperature ${t} °C: -20 to 40 is allowed`);
  const d = t - 20;
  const atTwenty = oiml.A.reduce((sum, a, k) => sum + a * p ** k, 0);
  const warming = oiml.B.reduce((sum, b, k) => sum + b * d ** (k + 1), 0);
  const cross = oiml.C.reduce(
    (sum, row, i) => sum + row.reduce((s, c, k) => s + c * p ** (k + 1), 0) * d ** (i + 1),
    0,
  );
  return atTwenty + warming + cross;
};
