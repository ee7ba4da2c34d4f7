import { propanolDensities as y } from '../reference/alcoholTables.ts';

const step = 0.1;
const last = y.length - 1;
const secants = y.slice(1).map((next, i) => (next - y[i]!) / step);

/** Fritsch and Carlson's tangents: the curve through the points falls wherever the points do. */
const tangents = y.map((_, i) => {
  if (i === 0) return secants[0]!;
  if (i === last) return secants[last - 1]!;
  const [before, after] = [secants[i - 1]!, secants[i]!];
  return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
});

/**
 * Density in kg/m³ of 2-propanol and water at 20 °C by mass fraction `p` (0 to 1): monotone cubic
 * through the table, good to about 0.25 %. Throws a RangeError outside. Source: Perry.
 */
export const propanolDensity = (p: number): number => {
  if (!(p >= 0 && p <= 1)) throw new RangeError(`mass fraction ${p}: 0 to 1 is allowed`);
  const i = Math.min(Math.floor(p / step), last - 1);
  const s = p / step - i;
  return (
    y[i]! * (1 + 2 * s) * (1 - s) ** 2 +
    tangents[i]! * step * s * (1 - s) ** 2 +
    y[i + 1]! * s ** 2 * (3 - 2 * s) +
    tangents[i + 1]! * step * s ** 2 * (s - 1)
  );
};
