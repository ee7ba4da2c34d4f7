import type { MaterialId } from '../reference/materials.ts';

/**
 * What is asked of a material that nobody can name: does it soak up a drop of water, is it painted,
 * lacquered or plated, does its maker allow acid or solvent on it. What is not answered is `null`
 * and counts as the worse.
 */
export interface SomethingElse {
  soaksUp: boolean | null;
  finished: boolean | null;
  bearsAcidOrSolvent: boolean | null;
}

/**
 * The cautious material that three answers stand for: never better than a Care. Source: common
 * practice, no source.
 */
export const somethingElse = ({
  soaksUp,
  finished,
  bearsAcidOrSolvent,
}: SomethingElse): MaterialId => {
  if (soaksUp !== false) return 'something-porous';
  return finished !== false || bearsAcidOrSolvent !== true
    ? 'something-finished'
    : 'something-hard';
};
