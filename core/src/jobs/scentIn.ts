import { ingredientOf } from '../reference/ingredients.ts';
import type { Portion } from '../solutions/portion.ts';
import type { Scented } from './scent.ts';

/** What of a recipe is scent and solubiliser, m³; nothing where there is no scent in it. */
export const scentIn = (
  portions: readonly Portion[],
  alcohol: number,
): Pick<Scented, 'oil' | 'solubiliser' | 'total' | 'alcohol'> | null => {
  const of = (role: 'scent' | 'solubiliser') =>
    portions
      .filter(({ ingredient }) => ingredientOf(ingredient).role === role)
      .reduce((sum, { volume }) => sum + volume, 0);
  const oil = of('scent');
  if (oil === 0) return null;
  const total = portions.reduce((sum, { volume }) => sum + volume, 0);
  return { oil, solubiliser: of('solubiliser'), total, alcohol };
};
