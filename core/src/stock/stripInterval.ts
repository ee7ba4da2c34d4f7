import type { StrengthReading } from './strengthGrid.ts';

/** How far a density or a strip may be off, relative. Source: common practice, no source. */
export const readingError = { density: 0.005, strip: 0.06 } as const;

/** A strip shows the highest step that is reached: what is in it lies below the next one. */
export const stripInterval = (
  step: number,
  steps: readonly number[],
): Pick<StrengthReading, 'low' | 'high'> => ({
  low: step,
  high: steps.find((one) => one > step) ?? step * Math.SQRT2,
});
