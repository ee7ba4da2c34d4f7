import { allSteps, type Step } from './steps.ts';

export const stepParts = ['first', 'clean', 'put', 'wet', 'after'] as const;

/**
 * When a step is due: before anything, with the cleaning, with putting it on, while it is wet, or
 * afterwards.
 */
export type StepPart = (typeof stepParts)[number];

/** The last step of each part: all steps are listed in the order in which they are due. */
const lastOf: Record<StepPart, Step> = {
  first: 'flush',
  clean: 'maker-only',
  put: 'hold',
  wet: 'wipe',
  after: 'lock-away',
};

export const partOf = (step: Step): StepPart =>
  stepParts.find((part) => allSteps.indexOf(step) <= allSteps.indexOf(lastOf[part]))!;
