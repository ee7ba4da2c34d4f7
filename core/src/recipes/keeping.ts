import { shelfLife } from '../families/index.ts';
import { ingredientOf } from '../reference/ingredients.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Formula } from '../solutions/analyseFormula.ts';
import { clashesAmong } from './clashes.ts';

const DAY = 86_400;

export type KeepingReason =
  | ReturnType<typeof shelfLife>['because']
  | 'must-not-be-kept'
  | 'bleach-diluted'
  | 'bleach'
  | 'no-preservative';

/** How long a mixture keeps (seconds) and why, and what it may stand in. */
export interface MixtureKeeping {
  seconds: number;
  because: KeepingReason;
  source: string;
  opaque: boolean;
  container: 'glass or HDPE' | 'HDPE' | 'any clean bottle';
  lid: 'tight' | 'never closed';
}

/**
 * Strength v/v from which alcohol and oil ask for glass or HDPE, and keep a mixture from spoiling.
 * Source: common practice, no source.
 */
const STRONG_ALCOHOL = 0.2;

/** Bleach eats most plastics, strong alcohol and oils some. Source: common practice, no source. */
const containerFor = (bleach: boolean, dissolves: boolean): MixtureKeeping['container'] => {
  if (bleach) return 'HDPE';
  return dissolves ? 'glass or HDPE' : 'any clean bottle';
};

/**
 * Discard-after, container and lid of a mixture. Source: CDC-2008 for bleach; the rest common
 * practice, no source.
 */
export const keepingOf = (formula: Formula, book: Book): MixtureKeeping => {
  const { portions, strengths, gas } = formula;
  const { alcohol, peroxide, hypochlorite } = strengths;
  const diluted = portions.length > 1;
  const oil = portions.some(({ ingredient }) => ingredientOf(ingredient).groups.includes('oil'));
  const gassing =
    gas.some(({ mol }) => mol > 1e-6) ||
    clashesAmong(portions, book).some(({ severity }) => severity === 'never');
  const stands = {
    opaque: peroxide > 0 || hypochlorite > 0,
    container: containerFor(hypochlorite > 0, alcohol >= STRONG_ALCOHOL || oil),
    lid: gassing ? ('never closed' as const) : ('tight' as const),
  };
  const keeps = (): { seconds: number; because: KeepingReason; source: string } => {
    if (gassing)
      return { seconds: 0, because: 'must-not-be-kept', source: 'stoichiometry; Bretherick' };
    if (hypochlorite > 0)
      return diluted
        ? { seconds: DAY, because: 'bleach-diluted', source: 'CDC-2008, the cautious end' }
        : { seconds: 182 * DAY, because: 'bleach', source: 'common practice, no source' };
    if (peroxide > 0) return shelfLife('peroxide', peroxide, diluted);
    if (alcohol >= STRONG_ALCOHOL) return shelfLife('alcohol', alcohol, diluted);
    if (!diluted && strengths.acid > 0) return shelfLife('vinegar', strengths.acid, false);
    return { seconds: 7 * DAY, because: 'no-preservative', source: 'common practice, no source' };
  };
  return { ...keeps(), ...stands };
};
