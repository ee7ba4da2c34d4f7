import { cleaningTops } from '../reference/cleaningTops.ts';
import { ALCOHOL_TOP, PEROXIDE_TOP, PEROXIDE_USUAL } from '../reference/contactTimes.ts';
import {
  activeFacts,
  type Active,
  type GenericActive,
  type GenericFamily,
} from '../reference/families.ts';
import { figuresOf, vinegarReduction, type HouseRules } from '../reference/houseRules.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { peroxideSeconds } from './peroxideSeries.ts';

export const goals = ['clean', 'reduce', 'sanitise', 'disinfect'] as const;
/**
 * `reduce` is what a household's undiluted vinegar is credited with by one school: some bacteria,
 * nothing more.
 */
export type Goal = (typeof goals)[number];

/**
 * What it is to be against. `respiratory` is influenza, corona or RSV, `cold` the common cold;
 * `blood-spot` a small spot of blood or body fluid, `blood` more than that.
 */
export const threats = [
  'everyday',
  'food',
  'poultry',
  'respiratory',
  'cold',
  'norovirus',
  'c-difficile',
  'candida-auris',
  'mildew',
  'allergen',
  'blood-spot',
  'blood',
] as const;
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

/**
 * Strengths and times are compared as people read them: a tenth of a per cent of the strength,
 * whole seconds up.
 */
const slack = 1 - 1e-9;

/**
 * Published for one rhinovirus study only; everything else wants the usual strength. Source:
 * CDC-2008.
 */
const hasSeries = (against: Against): boolean => against === 'respiratory' || against === 'cold';

/**
 * The span in which an active may disinfect against something under the house rules, or nothing.
 */
export const disinfectingSpan = (
  active: Active,
  against: Against,
  rules: HouseRules,
): Span | undefined => {
  switch (activeFacts[active].family) {
    case 'peroxide':
      return {
        floor: hasSeries(against) ? figuresOf(rules).peroxideFloor : PEROXIDE_USUAL,
        top: PEROXIDE_TOP,
      };
    case 'alcohol':
      return { floor: figuresOf(rules).alcoholFloor, top: ALCOHOL_TOP };
    case 'vinegar':
    case 'product':
      return undefined;
  }
};

/** The widest span in which a batch may be of use to disinfect: against something at least. */
export const widestSpan = (active: Active, rules: HouseRules): Span | undefined =>
  disinfectingSpan(active, 'respiratory', rules);

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
      return active === '2-propanol' ? never('not-for-colds', { active }, 'CDC-2008') : undefined;
    case 'allergen':
      return never('washing-removes-it', {}, 'common practice, no source');
    case 'mildew':
      // No row of the evidence speaks of alcohol on mildew, whatever the house prefers: it cleans
      // and dries.
      return family === 'alcohol' || rules.mildew !== family
        ? never('not-for-mildew', { family }, 'common practice, no source')
        : undefined;
    default:
      return undefined;
  }
};

/** Nothing is cleaned with what blinds or burns. */
const aboveCleaningTop = (active: GenericActive, strength: number): Reason | undefined => {
  const top =
    activeFacts[active].family === 'alcohol'
      ? cleaningTops.alcohol
      : cleaningTops[active as 'hydrogen peroxide' | 'acetic acid'];
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
const VINEGAR_TOP = cleaningTops['acetic acid'];

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

/** Of each family, what its floor rests on. */
const floorSource: Record<GenericFamily, string> = {
  peroxide: 'CDC-2008',
  alcohol: 'CDC-2008, CDC-home; house rule',
  vinegar: 'house rule',
};

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
  if (beyond) return { ...verdictOf([beyond]), seconds: 0 };
  const span = disinfectingSpan(active, against, rules);
  if (!span) {
    const reason: Reason = {
      code: 'not-a-disinfectant',
      outcome: 'never',
      figures: { active },
      source: 'EPA lists; CDC-2008, Rutala-2000',
    };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const figures = { strength, floor: span.floor, top: span.top, active };
  if (strength < span.floor * slack) {
    const source = floorSource[family];
    return {
      ...verdictOf([{ code: 'below-floor', outcome: 'never', figures, source }]),
      seconds: 0,
      span,
    };
  }
  if (strength * slack > span.top) {
    const source = family === 'alcohol' ? 'CDC-2008, WHO-2020' : 'CLP Annex VI';
    return {
      ...verdictOf([{ code: 'above-evidence', outcome: 'never', figures, source }]),
      seconds: 0,
      span,
    };
  }
  return { ...timeWithin(active, strength, rules), span };
};

/**
 * Time for a strength already inside its span: the evidence, or the house's own minimum where that
 * is longer.
 */
const timeWithin = (
  active: GenericActive,
  strength: number,
  rules: HouseRules,
): Verdict & { seconds: number } => {
  const byRule = (seconds: number): Verdict & { seconds: number } => ({
    ...verdictOf([
      {
        code: 'contact-by-house-rule',
        outcome: 'use',
        figures: { seconds, strength, active },
        source: 'house rule (common practice, no source)',
      },
    ]),
    seconds,
  });
  switch (activeFacts[active].family) {
    case 'peroxide': {
      const published = peroxideSeconds(strength / slack) ?? Infinity;
      if (published <= figuresOf(rules).peroxideLeastSeconds)
        return byRule(figuresOf(rules).peroxideLeastSeconds);
      const seconds = Math.ceil(published - 1e-3);
      return {
        ...verdictOf([
          {
            code: 'contact-by-evidence',
            outcome: 'use',
            figures: { seconds, strength, active },
            source: 'CDC-2008, rhinovirus series',
          },
        ]),
        seconds,
      };
    }
    case 'alcohol':
      return byRule(figuresOf(rules).alcoholSeconds);
    case 'vinegar':
      throw new RangeError('vinegar has no span in which it disinfects');
  }
};
