import { phi } from '../units/phi.ts';
import type { Observed } from './observed.ts';

/** The prior of how many times as fast a room dries as the tables say, in the logarithm. */
const PRIOR = { mean: 0, deviation: 0.4 };
/** From coat to coat, in the logarithm. */
const SCATTER = 0.25;

/** The grid of the factor's logarithm: four deviations to each side, finer than anybody reads. */
const STEPS = 321;
const REACH = 4 * PRIOR.deviation;
const grid = Float64Array.from({ length: STEPS }, (_, i) => -REACH + (2 * REACH * i) / (STEPS - 1));

const { exp, log } = Math;

/** How likely something lies between two places of the standard normal distribution. */
const between = (from: number, to: number): number =>
  from > 0 ? phi(-from) - phi(-to) : phi(to) - phi(from);

const LEAST = 1e-300;

/** Where a coat's end lies on the scale of its scatter, were it as the tables say. */
const placeOf = (s: number, expected: number): number =>
  s <= 0 ? -Infinity : (log(s) - log(expected)) / SCATTER;

/** Adds how likely an observation is at each point of the grid, in the logarithm. */
const addTo = (logs: Float64Array, { wet, dry, expected }: Observed): void => {
  const from = placeOf(wet, expected);
  const to = dry === null ? Infinity : placeOf(dry, expected);
  for (let i = 0; i < STEPS; i += 1) {
    const shift = grid[i]! / SCATTER;
    logs[i]! += log(Math.max(LEAST, between(from + shift, to + shift)));
  }
};

/** What is known of how fast a room dries: the middle, and the band that holds it 4 times in 5. */
export interface Learnt {
  factor: number;
  low: number;
  high: number;
  observations: number;
}

/** Where a distribution on the grid has reached a share of itself, between its points. */
const quantile = (weights: Float64Array, total: number, share: number): number => {
  let sum = 0;
  for (let i = 0; i < STEPS; i += 1) {
    const before = sum;
    sum += weights[i]!;
    if (sum >= share * total) {
      const part = (share * total - before) / weights[i]!;
      return grid[i]! + (part - 0.5) * (grid[1]! - grid[0]!);
    }
  }
  return REACH;
};

/**
 * How many times as fast a room dries as the tables say, from what was observed of its coats:
 * a log-normal prior, each observation with its scatter, the posterior on a grid. With nothing
 * observed it is as the tables say. `expected` of 0 tells nothing.
 */
export const learnDrying = (observed: readonly Observed[]): Learnt => {
  const counted = observed.filter(({ expected }) => expected > 0);
  const logs = grid.map((at) => -0.5 * ((at - PRIOR.mean) / PRIOR.deviation) ** 2);
  for (const one of counted) addTo(logs, one);
  const most = Math.max(...logs);
  const weights = logs.map((one) => exp(one - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const at = (share: number) => exp(quantile(weights, total, share));
  const factor = counted.length === 0 ? 1 : at(0.5);
  return { factor, low: at(0.1), high: at(0.9), observations: counted.length };
};
