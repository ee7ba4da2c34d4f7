import type { Group } from '../reference/groups.ts';
import type { MaterialId } from '../reference/materials.ts';
import { verdictOf, type Reason } from '../verdict.ts';
import type { Against, Contact, Goal } from './requiredContact.ts';

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

/** No surface is held for less, whatever a label says. Source: CDC-2008: at least a minute. */
const LEAST = 60;
const source = 'product label, as entered';

/**
 * What holds whatever a label says: more blood than a spot, and what a health authority has to be
 * asked about.
 */
const beyondLabels = (against: Against): Reason | undefined => {
  if (against === 'blood')
    return { code: 'needs-licensed', outcome: 'never', figures: {}, source: 'OSHA' };
  return against === 'candida-auris'
    ? { code: 'needs-authority', outcome: 'never', figures: {}, source: 'CDC-2008' }
    : undefined;
};

/**
 * How long a product must stay wet for a goal by its label; a use to disinfect also sanitises. Of
 * several uses that fit the longest time counts. Never where the label does not grant it.
 */
export const labelContact = (
  label: ProductLabel | null | undefined,
  goal: Goal,
  against: Against,
): Contact => {
  const beyond = beyondLabels(against);
  if (beyond) return { ...verdictOf([beyond]), seconds: 0 };
  if (goal === 'clean')
    return {
      ...verdictOf([
        { code: 'cleaning-needs-no-wait', outcome: 'use', source: 'common practice, no source' },
      ]),
      seconds: 0,
    };
  const uses =
    label?.uses.filter(
      (use) => (use.goal === goal || use.goal === 'disinfect') && use.against.includes(against),
    ) ?? [];
  if (uses.length === 0 || goal === 'reduce') {
    return {
      ...verdictOf([{ code: 'not-on-label', outcome: 'never', figures: { against }, source }]),
      seconds: 0,
    };
  }
  const seconds = Math.max(LEAST, ...uses.map((use) => use.seconds));
  return {
    ...verdictOf([{ code: 'label-time', outcome: 'use', figures: { seconds, against }, source }]),
    seconds,
  };
};
