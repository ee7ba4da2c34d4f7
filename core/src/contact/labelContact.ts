import type { Group } from '../reference/neverCombine.ts';
import type { MaterialId } from '../reference/materials.ts';
import { verdictOf, type Reason } from '../verdict.ts';
import type { Against, Contact, Goal } from './requiredContact.ts';

/** One use that a registered product's label grants: for a goal, against these, kept wet for `seconds`. */
export interface LabelUse {
  goal: Exclude<Goal, 'clean'>;
  against: Against[];
  seconds: number;
}

/** A registered product's label as the supervisor entered it: it outranks every table, and nothing but it is claimed. */
export interface ProductLabel {
  groups: Group[];
  uses: LabelUse[];
  /** Materials that the label excludes. */
  notOn: MaterialId[];
}

/** No surface is held for less, whatever a label says. Source: CDC-2008 (memory): at least a minute. */
const LEAST = 60;
const source = 'product label, as entered';

/** How long a product must stay wet for a goal by its label; a use to disinfect also sanitises. Never where the label does not grant it. */
export const labelContact = (label: ProductLabel | null | undefined, goal: Goal, against: Against): Contact => {
  if (goal === 'clean') return { ...verdictOf([{ code: 'cleaning-needs-no-wait', outcome: 'use', source: 'common practice, no source' }]), seconds: 0 };
  const uses = label?.uses.filter((use) => (use.goal === goal || use.goal === 'disinfect') && use.against.includes(against)) ?? [];
  if (uses.length === 0) {
    const reason: Reason = { code: 'not-on-label', outcome: 'never', figures: { against }, source };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const seconds = Math.max(LEAST, Math.min(...uses.map((use) => use.seconds)));
  return { ...verdictOf([{ code: 'label-time', outcome: 'use', figures: { seconds, against }, source }]), seconds };
};
