import type { GenericActive } from '../domain/families.ts';
import type { Against, Goal, Span } from '../domain/goals.ts';
import type { Disinfecting } from '../families/family.ts';
import { activeFacts, familyFacts, genericFacts } from '../families/index.ts';
import { vinegarReduction, type HouseRules } from '../reference/houseRules.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict/verdict.ts';

/** A verdict with the seconds the surface must stay wet; `span` is what the strength rule shows. */
export interface Contact extends Verdict {
  seconds: number;
  span?: Span;
}

/**
 * Strengths and times are compared as people read them: a tenth of a per cent of the strength,
 * whole seconds up.
 */
const slack = 1 - 1e-9;

const never = (code: Reason['code'], figures: Reason['figures'], source: string): Reason => ({
  code,
  outcome: 'never',
  figures,
  source,
});

/** What holds whatever the goal: no family and no cleaning service takes it on. */
const beyondAll = (against: Against): Reason | undefined => {
  if (against === 'blood') return never('needs-licensed', {}, 'OSHA');
  return against === 'candida-auris' ? never('needs-authority', {}, 'CDC-2008') : undefined;
};

/**
 * What none of the three families, or not this active, can be trusted with; whom to ask instead is
 * said in the words.
 */
const beyondThese = (
  active: GenericActive,
  against: Against,
  rules: HouseRules,
): Reason | undefined => {
  const { family } = activeFacts[active];
  switch (against) {
    case 'norovirus':
      return never('needs-registered', { family, against }, 'CDC-noro; CDC-2008');
    case 'c-difficile':
      return never('needs-registered', { family, against }, 'CDC-2008');
    case 'blood-spot':
      return never('needs-registered', { family, against }, 'OSHA');
    case 'cold':
      // Rhinovirus has no envelope: 2-propanol is not supported against it, ethanol and peroxide
      // are.
      return genericFacts[active].notForColds
        ? never('not-for-colds', { active }, 'CDC-2008')
        : undefined;
    case 'allergen':
      return never('washing-removes-it', {}, 'common practice, no source');
    case 'mildew':
      return familyFacts[family].disinfecting?.takesMildew(rules)
        ? undefined
        : never('not-for-mildew', { family }, 'common practice, no source');
    default:
      return undefined;
  }
};

/** Nothing is cleaned with what blinds or burns. */
const aboveCleaningTop = (active: GenericActive, strength: number): Reason | undefined => {
  const top = familyFacts[activeFacts[active].family].cleaningTop;
  return strength * slack > top
    ? never('above-cleaning-top', { strength, top, active }, 'CLP')
    : undefined;
};

const cleaned = (active: GenericActive, strength: number, against: Against): Contact => {
  const refused = beyondAll(against) ?? aboveCleaningTop(active, strength);
  const fine: Reason = {
    code: 'cleaning-needs-no-wait',
    outcome: 'use',
    source: 'common practice, no source',
  };
  return { ...verdictOf([refused ?? fine]), seconds: 0 };
};

/** What a household credits undiluted vinegar with: always a Care, never called disinfecting. */
const reduced = (
  active: GenericActive,
  strength: number,
  against: Against,
  rules: HouseRules,
): Contact => {
  const { strength: undiluted, seconds } = vinegarReduction;
  const refuse = (code: Reason['code'], figures: Reason['figures'] = {}): Contact => ({
    ...verdictOf([never(code, figures, 'house rule; EPA')]),
    seconds: 0,
  });
  if (rules.vinegar !== 'household-reduction' || active !== 'acetic acid')
    return refuse('not-for-reducing', { active });
  if (against !== 'everyday') return refuse('reduces-everyday-only', { against });
  if (strength < undiluted * slack)
    return refuse('below-floor', { strength, floor: undiluted, top: VINEGAR_TOP, active });
  if (strength * slack > VINEGAR_TOP)
    return refuse('above-cleaning-top', { strength, top: VINEGAR_TOP, active });
  const reason: Reason = {
    code: 'reduces-only',
    outcome: 'care',
    figures: { seconds, strength, active },
    source: 'house rule; EPA; CDC-2008; Rutala-2000',
  };
  return { ...verdictOf([reason]), seconds, span: { floor: undiluted, top: VINEGAR_TOP } };
};
const VINEGAR_TOP = familyFacts.vinegar.cleaningTop;

/** An active at an in-use strength, a fraction in its basis. */
export interface Solution {
  active: GenericActive;
  strength: number;
}

/** What a surface is to reach, and against what. */
export interface Wanted {
  goal: Goal;
  against: Against;
}

/**
 * How long a solution must stay wet for a goal, with the rows it rests on, or a refusal with its
 * code. Cleaning needs no wait. Sources: CDC-2008, WHO-2020, Kampf-2020 and the house rules.
 */
export const requiredContact = (
  { active, strength }: Solution,
  { goal, against }: Wanted,
  rules: HouseRules,
): Contact => {
  if (goal === 'clean') return cleaned(active, strength, against);
  if (goal === 'reduce') return reduced(active, strength, against, rules);
  const { family } = activeFacts[active];
  const beyond = beyondAll(against) ?? beyondThese(active, against, rules);
  if (beyond) return refused(beyond);
  const { disinfecting } = familyFacts[family];
  if (!disinfecting)
    return refused(never('not-a-disinfectant', { active }, 'EPA lists; CDC-2008, Rutala-2000'));
  const span = disinfecting.span(against, rules);
  const figures = { strength, floor: span.floor, top: span.top, active };
  if (strength < span.floor * slack)
    return { ...refused(never('below-floor', figures, disinfecting.floorSource)), span };
  if (strength * slack > span.top)
    return { ...refused(never('above-evidence', figures, disinfecting.topSource)), span };
  return { ...timeWithin({ active, strength }, disinfecting, rules), span };
};

const refused = (reason: Reason): Contact => ({ ...verdictOf([reason]), seconds: 0 });

/**
 * Time for a strength already inside its span: the evidence, or the house's own minimum where that
 * is longer.
 */
const timeWithin = (
  { active, strength }: Solution,
  { time }: Disinfecting,
  rules: HouseRules,
): Contact => {
  const { seconds, by } = time(strength, rules);
  const figures = { seconds, strength, active };
  const reason: Reason =
    by === 'evidence'
      ? {
          code: 'contact-by-evidence',
          outcome: 'use',
          figures,
          source: 'CDC-2008, rhinovirus series',
        }
      : {
          code: 'contact-by-house-rule',
          outcome: 'use',
          figures,
          source: 'house rule (common practice, no source)',
        };
  return { ...verdictOf([reason]), seconds };
};
