import { ALCOHOL_TOP, PEROXIDE_TOP } from '../reference/contactTimes.ts';
import { activeFacts, type Active, type Family, type GenericActive } from '../reference/families.ts';
import { figuresOf, vinegarReduction, type HouseRules } from '../reference/houseRules.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { peroxideSeconds } from './peroxideSeries.ts';

export const goals = ['clean', 'sanitise', 'disinfect'] as const;
export type Goal = (typeof goals)[number];

/** What it is to be against; `blood` is a body fluid beyond a small spot. */
export const threats = ['everyday', 'food', 'poultry', 'respiratory', 'stomach', 'mildew', 'allergen', 'blood'] as const;
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

/** Stronger acetic acid is classified as irritating. Source: CLP (memory). */
const VINEGAR_TOP = 0.1;

/** Strengths and times are compared as people read them: a tenth of a per cent of the strength, whole seconds up. */
const slack = 1 - 1e-9;

/** The span in which an active may disinfect under the house rules, or nothing. */
export const disinfectingSpan = (active: Active, against: Against, rules: HouseRules): Span | undefined => {
  switch (activeFacts[active].family) {
    case 'peroxide':
      return { floor: figuresOf(rules).peroxideFloor, top: PEROXIDE_TOP };
    case 'alcohol':
      return { floor: figuresOf(rules).alcoholFloor, top: ALCOHOL_TOP };
    case 'vinegar':
      return rules.vinegar === 'household-reduction' && against === 'everyday'
        ? { floor: vinegarReduction.strength, top: VINEGAR_TOP }
        : undefined;
    case 'product':
      return undefined;
  }
};

/** What none of the three families, or not this one, can be trusted with; whom to ask instead is said in the words. */
const beyondThese = (family: Family, against: Against, rules: HouseRules): Reason | undefined => {
  const never = (code: Reason['code'], source: string): Reason => ({ code, outcome: 'never', figures: { family }, source });
  switch (against) {
    case 'stomach':
      return never('needs-registered', 'CDC-noro; CDC-2008 (memory)');
    case 'blood':
      return never('needs-licensed', 'OSHA 1910.1030 (memory)');
    case 'allergen':
      return never('washing-removes-it', 'common practice, no source');
    case 'mildew':
      return rules.mildew === family ? undefined : never('not-for-mildew', 'house rule (common practice, no source)');
    default:
      return undefined;
  }
};

/**
 * How long an active of `strength` (fraction in its basis) must stay wet for a goal, with the rows it rests on,
 * or a refusal with its code. Cleaning needs no wait. Sources: CDC-2008, WHO-2020, Kampf-2020 (memory) and the
 * house rules.
 */
export const requiredContact = (
  active: GenericActive,
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
  const beyond = beyondThese(family, against, rules);
  if (beyond) return { ...verdictOf([beyond]), seconds: 0 };
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
const timeWithin = (active: GenericActive, strength: number, rules: HouseRules): Verdict & { seconds: number } => {
  const byRule = (seconds: number): Verdict & { seconds: number } => ({
    ...verdictOf([{ code: 'contact-by-house-rule', outcome: 'use', figures: { seconds, strength, active }, source: 'house rule (common practice, no source)' }]),
    seconds,
  });
  switch (activeFacts[active].family) {
    case 'peroxide': {
      const published = peroxideSeconds(strength / slack) ?? Infinity;
      if (published <= figuresOf(rules).peroxideLeastSeconds) return byRule(figuresOf(rules).peroxideLeastSeconds);
      const seconds = Math.ceil(published - 1e-3);
      return {
        ...verdictOf([{ code: 'contact-by-evidence', outcome: 'use', figures: { seconds, strength, active }, source: 'CDC-2008, rhinovirus series (memory)' }]),
        seconds,
      };
    }
    case 'alcohol':
      return byRule(figuresOf(rules).alcoholSeconds);
    case 'vinegar':
      return byRule(vinegarReduction.seconds);
  }
};
