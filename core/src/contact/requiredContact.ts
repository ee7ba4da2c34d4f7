import { ALCOHOL_TOP, PEROXIDE_TOP } from '../reference/contactTimes.ts';
import { activeFacts, type Active } from '../reference/families.ts';
import { vinegarReduction, type HouseRules } from '../reference/houseRules.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { peroxideSeconds } from './peroxideSeries.ts';

export const goals = ['clean', 'disinfect'] as const;
export type Goal = (typeof goals)[number];

export const threats = ['everyday', 'respiratory'] as const;
export type Against = (typeof threats)[number];

/** The span of in-use strengths that may disinfect, as fractions; absent where none may. */
export interface Span {
  floor: number;
  top: number;
}

/** A verdict with the seconds the surface must stay wet; `span` is what the strength rule shows. */
export interface Contact extends Verdict {
  seconds: number;
  span?: Span;
}

/** Strengths and times are compared as people read them: a tenth of a per cent of the strength, whole seconds up. */
const slack = 1 - 1e-9;

/** The span in which an active may disinfect under the house rules, or nothing. */
export const disinfectingSpan = (active: Active, against: Against, rules: HouseRules): Span | undefined => {
  switch (activeFacts[active].family) {
    case 'peroxide':
      return { floor: Math.max(rules.peroxideFloor, 0.0075), top: PEROXIDE_TOP };
    case 'alcohol':
      return { floor: rules.alcoholFloor, top: ALCOHOL_TOP };
    case 'vinegar':
      return rules.vinegar === 'household-reduction' && against === 'everyday'
        ? { floor: vinegarReduction.strength, top: 0.1 }
        : undefined;
  }
};

/**
 * How long an active of `strength` (fraction in its basis) must stay wet for a goal, with the rows it rests on,
 * or a refusal with its code. Cleaning needs no wait. Sources: CDC-2008, WHO-2020, Kampf-2020 (memory) and the
 * house rules.
 */
export const requiredContact = (
  active: Active,
  strength: number,
  goal: Goal,
  against: Against,
  rules: HouseRules,
): Contact => {
  if (goal === 'clean') {
    const reason: Reason = { code: 'cleaning-needs-no-wait', outcome: 'use', source: 'common practice, no source' };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const { family } = activeFacts[active];
  const span = disinfectingSpan(active, against, rules);
  if (!span) {
    const reason: Reason = { code: 'not-a-disinfectant', outcome: 'never', figures: { active }, source: 'EPA lists; CDC-2008, Rutala-2000 (memory)' };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const figures = { strength, floor: span.floor, top: span.top, active };
  if (strength < span.floor * slack) {
    const source = family === 'peroxide' ? 'CDC-2008 (memory)' : family === 'alcohol' ? 'CDC-2008, CDC-home (memory); house rule' : 'house rule';
    return { ...verdictOf([{ code: 'below-floor', outcome: 'never', figures, source }]), seconds: 0, span };
  }
  if (strength * slack > span.top) {
    const source = family === 'alcohol' ? 'CDC-2008, WHO-2020 (memory)' : 'CLP Annex VI (memory)';
    return { ...verdictOf([{ code: 'above-evidence', outcome: 'never', figures, source }]), seconds: 0, span };
  }
  return { ...timeWithin(active, strength, rules), span };
};

/** Time for a strength already inside its span: the evidence, or the house's own minimum where that is longer. */
const timeWithin = (active: Active, strength: number, rules: HouseRules): Verdict & { seconds: number } => {
  const byRule = (seconds: number): Verdict & { seconds: number } => ({
    ...verdictOf([{ code: 'contact-by-house-rule', outcome: 'use', figures: { seconds, strength, active }, source: 'house rule (common practice, no source)' }]),
    seconds,
  });
  switch (activeFacts[active].family) {
    case 'peroxide': {
      const published = peroxideSeconds(strength / slack) ?? Infinity;
      if (published <= rules.peroxideLeastSeconds) return byRule(rules.peroxideLeastSeconds);
      const seconds = Math.ceil(published - 1e-3);
      return {
        ...verdictOf([{ code: 'contact-by-evidence', outcome: 'use', figures: { seconds, strength, active }, source: 'CDC-2008, rhinovirus series (memory)' }]),
        seconds,
      };
    }
    case 'alcohol':
      return byRule(rules.alcoholSeconds);
    case 'vinegar':
      return byRule(vinegarReduction.seconds);
  }
};
