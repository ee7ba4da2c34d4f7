import type { Against, Goal } from '../domain/goals.ts';
import type { Group } from '../domain/groups.ts';
import type { MaterialId } from '../reference/materials.ts';

/**
 * One use that a registered product's label grants: for a goal, against these, kept wet for
 * `seconds`.
 */
export interface LabelUse {
  goal: Exclude<Goal, 'clean' | 'reduce'>;
  against: Against[];
  seconds: number;
}

/**
 * A registered product's label as the supervisor entered it: it outranks every table, and nothing
 * but it is claimed.
 */
export interface ProductLabel {
  groups: Group[];
  uses: LabelUse[];
  /** Materials that the label excludes. */
  notOn: MaterialId[];
  /**
   * A concentrate: parts of water to one part of it, how long the dilution keeps (s), and what
   * water it wants.
   */
  dilution?: LabelDilution | null;
  /** Its registration number, as entered. */
  registration?: string | null;
}

/** How a concentrate is thinned by its label: nothing else is right. */
export interface LabelDilution {
  water: number;
  keeps: number;
  /** Hardest water the label allows, ppm as calcium carbonate; nothing where it does not say. */
  hardness: number | null;
}

/** The in-use strength of a product as a fraction of what is sold: 1 where it is used as sold. */
export const labelStrength = (label: ProductLabel | null | undefined): number =>
  label?.dilution ? 1 / (1 + label.dilution.water) : 1;
