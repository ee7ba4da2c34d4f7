import type { Verdict } from '../verdict.ts';

/** What is done at one surface, in order. */
export type Step = 'wash' | 'apply' | 'hold' | 'wipe' | 'rinse';

const rinseCodes = new Set(['rinse-after', 'rinse-for-food', 'infant-rinse', 'pets-rinse']);

/** Steps of a treatment. `seconds` is 0 where nothing must be held; rinsing follows from the verdict's reasons. */
export const stepsOf = (treatment: (Verdict & { seconds: number }) | null): Step[] => {
  if (!treatment) return ['wash'];
  const rinse = treatment.reasons.some((reason) => rinseCodes.has(reason.code));
  return ['wash', 'apply', ...(treatment.seconds > 0 ? (['hold'] as const) : []), 'wipe', ...(rinse ? (['rinse'] as const) : [])];
};
