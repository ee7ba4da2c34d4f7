import type { ReasonCode, Verdict } from '../verdict.ts';

/** What is done at one surface, in order. */
export const allSteps = ['take-out', 'flush', 'wash', 'apply', 'hold', 'wipe', 'rinse'] as const;
export type Step = (typeof allSteps)[number];

const rinseCodes = new Set(['rinse-after', 'rinse-for-food', 'infant-rinse', 'pets-rinse']);

/** Steps of a treatment. `seconds` is 0 where nothing must be held; rinsing follows from the verdict's reasons. */
export const stepsOf = (treatment: (Verdict & { seconds: number }) | null): Step[] => {
  if (!treatment) return ['wash'];
  const rinse = treatment.reasons.some((reason) => rinseCodes.has(reason.code));
  const says = (code: ReasonCode) => treatment.reasons.some((reason) => reason.code === code);
  const before: Step[] = says('taken-out-first') ? ['take-out', 'flush', 'flush'] : says('flush-first') ? ['flush'] : [];
  return [...before, 'wash', 'apply', ...(treatment.seconds > 0 ? (['hold'] as const) : []), 'wipe', ...(rinse ? (['rinse'] as const) : [])];
};
