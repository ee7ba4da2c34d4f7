import type { Against, Goal } from '../domain/goals.ts';
import type { ProductLabel } from '../homes/label.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import type { Contact } from './requiredContact.ts';

/** No surface is held for less, whatever a label says. Source: CDC-2008: at least a minute. */
const LEAST = 60;
const source = 'product label, as entered';

/**
 * What holds whatever a label says: more blood than a spot, and what a health authority has to be
 * asked about.
 */
const beyondLabels = (against: Against): Reason | undefined => {
  if (against === 'blood') return { code: 'needs-licensed', outcome: 'never', source: 'OSHA' };
  return against === 'candida-auris'
    ? { code: 'needs-authority', outcome: 'never', source: 'CDC-2008' }
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
