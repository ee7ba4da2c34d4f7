import type { HouseRules } from '../reference/houseRules.ts';
import { SODA_IN_DRAIN } from '../reference/soilRows.ts';
import { onlyIf, plain, type Procedure } from './jobStep.ts';

const MINUTE = 60;
const ML = 1e-6;

/**
 * A microwave: steam loosens what sticks. A spoon stands in the bowl, since water that boils
 * without one may leap out when it is touched. It disinfects nothing. Source: common practice.
 */
export const steamMicrowave = (): Procedure => ({
  steps: [
    { code: 'spoon-in', figures: { vinegar: 60 * ML, water: 240 * ML } },
    { code: 'heat', figures: { seconds: 5 * MINUTE } },
    { code: 'door-shut', figures: { seconds: 5 * MINUTE } },
    ...plain('hot-inside', 'gloves', 'wipe-inside', 'dry-cloth'),
  ],
  rows: ['microwave'],
});

/** A smell in a fridge: found and washed out; a dish of anything only hides it. */
export const freshenFridge = (): Procedure => ({
  steps: [
    ...plain('power-off', 'find-smell'),
    { code: 'wash-with', figures: { cleaner: 'washing-up-liquid', ratio: 5 } },
    ...plain('rinse-well', 'dry-through', 'dish-hides'),
  ],
  rows: ['fridge'],
});

/** Glass and mirrors: two cloths, the second dry. Marks of water take weak vinegar. */
export const cleanGlass = (marks: boolean): Procedure => ({
  steps: [
    ...plain('no-sun'),
    ...(marks
      ? [{ code: 'wipe-on' as const, figures: { cleaner: 'vinegar' as const, ratio: 0.025 } }]
      : plain('water-only')),
    ...plain('two-cloths', 'demineralised-water'),
  ],
  rows: ['glass'],
});

/** A smell in a drain: one product at most, ever. The house says whether soda is that one. */
export const clearDrain = ({ drainSmell }: Pick<HouseRules, 'drainSmell'>): Procedure => ({
  steps: [
    ...plain('gloves', 'nothing-else-in-it', 'trap-out', 'brush', 'hot-water'),
    ...onlyIf(drainSmell === 'soda-then-flush', ...plain('soda-in'), {
      code: 'water-after',
      figures: { seconds: SODA_IN_DRAIN },
    }),
  ],
  rows: ['soil-drain'],
});
