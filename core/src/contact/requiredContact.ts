import type { GenericActive } from '../domain/families.ts';
import type { Against, Goal, Span } from '../domain/goals.ts';
import type { Disinfecting } from '../families/family.ts';
import { activeFacts, familyFacts, genericFacts } from '../families/index.ts';
import { vinegarReduction, type HouseRules } from '../reference/houseRules.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';

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

/** What holds whatever the goal: no family and no cleaning service takes it on. */
const beyondAll = (against: Against): Reason | undefined => {
  if (against === 'blood') return forbidden('needs-licensed', 'OSHA');
  return against === 'candida-auris' ? forbidden('needs-authority', 'CDC-2008') : undefined;
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
      return forbidden('needs-registered', 'CDC-noro; CDC-2008', { family, against });
    case 'c-difficile':
      return forbidden('needs-registered', 'CDC-2008', { family, against });
    case 'blood-spot':
      return forbidden('needs-registered', 'OSHA', { family, against });
    case 'cold':
      // Rhinovirus has no envelope: 2-propanol is not supported against it, ethanol and peroxide
      // are.
      return genericFacts[active].notForColds
        ? forbidden('not-for-colds', 'CDC-2008', { active })
        : undefined;
    case 'allergen':
      return forbidden('washing-removes-it', 'common practice, no source');
    case 'mildew':
      return familyFacts[family].disinfecting?.takesMildew(rules)
        ? undefined
        : forbidden('not-for-mildew', 'common practice, no source', { family });
    default:
      return undefined;
  }
};

/** Nothing is cleaned with what blinds or burns. */
const aboveCleaningTop = (active: GenericActive, strength: number): Reason | undefined => {
  const top = familyFacts[activeFacts[active].family].cleaningTop;
  return strength * slack > top
    ? forbidden('above-cleaning-top', 'CLP', { strength, top, active })
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
  const by = 'house rule; EPA';
  if (rules.vinegar !== 'household-reduction' || active !== 'acetic acid')
    return refused(forbidden('not-for-reducing', by, { active }));
  if (against !== 'everyday') return refused(forbidden('reduces-everyday-only', by, { against }));
  const figures = { strength, floor: undiluted, top: VINEGAR_TOP, active };
  if (strength < undiluted * slack) return refused(forbidden('below-floor', by, figures));
  if (strength * slack > VINEGAR_TOP)
    return refused(forbidden('above-cleaning-top', by, { strength, top: VINEGAR_TOP, active }));
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
    return refused(forbidden('not-a-disinfectant', 'EPA lists; CDC-2008, Rutala-2000', { active }));
  const span = disinfecting.span(against, rules);
  const figures = { strength, floor: span.floor, top: span.top, active };
  if (strength < span.floor * slack)
    return { ...refused(forbidden('below-floor', disinfecting.floorSource, figures)), span };
  if (strength * slack > span.top)
    return { ...refused(forbidden('above-evidence', disinfecting.topSource, figures)), span };
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
