import {
  agedBy,
  likelihood,
  priorOf,
  quantiles,
  slopeOf,
  strengthsAfter,
  weighed,
  YEAR_MS,
  type Aging,
} from './strengthGrid.ts';

const { log } = Math;

/** What it is by now, in nine cases of ten between `low` and `high`. */
export interface StrengthByNow {
  low: number;
  middle: number;
  high: number;
  /** When it falls under the floor: not before the first, probably by the second; ms, or never. */
  crosses: { earliest: number; likely: number } | null;
  /** Readings that the others speak against: a second one is asked for. */
  doubtful: number[];
}

/** Below this share of what was expected a reading is doubted. Source: house rule. */
const DOUBTED = 0.01;

/** Whether the other readings and the label speak against one: all that was read, but for it. */
const isDoubtful = (all: Float64Array, likelihoods: Float64Array): boolean => {
  let [others, total] = [0, 0];
  for (let i = 0; i < all.length; i += 1) {
    total += all[i]!;
    others += all[i]! / likelihoods[i]!;
  }
  return total / others < DOUBTED;
};

/**
 * The strength of a container by now and the day it falls under a floor: first-order loss, its rate
 * and the strength it began with unknown, readings as intervals, the posterior on a grid. Forecast
 * only: what is used is checked.
 */
export const strengthByNow = (of: Aging, floor: number, now: number): StrengthByNow => {
  const grid = priorOf(of);
  const read = of.readings.map((reading) => likelihood(of, grid, reading));
  const weight = weighed(grid, read);
  const aged = agedBy(of, now);
  const slope = slopeOf(of, now);
  const strength = strengthsAfter(grid, aged);
  const crossing = strength.map((one, i) =>
    one <= floor ? now : now + log(one / floor) / (grid.rate[i]! * slope),
  );
  const [low, middle, high] = quantiles(strength, weight, [0.05, 0.5, 0.95]) as [
    number,
    number,
    number,
  ];
  const [earliest, probably] = quantiles(crossing, weight, [0.05, 0.5]) as [number, number];
  const lastDay = now + 20 * YEAR_MS;
  return {
    low,
    middle,
    high,
    crosses: earliest > lastDay ? null : { earliest, likely: Math.min(probably, lastDay) },
    doubtful: read.flatMap((one, i) => (isDoubtful(weight, one) ? [i] : [])),
  };
};

/** How strong it probably was or will be at a moment: nine cases of ten lie between the outer two. */
export interface StrengthAt {
  at: number;
  low: number;
  middle: number;
  high: number;
}

/** The same over time, to be drawn: what is known now of then. */
export const strengthOver = (of: Aging, moments: readonly number[]): StrengthAt[] => {
  const grid = priorOf(of);
  const weight = weighed(
    grid,
    of.readings.map((reading) => likelihood(of, grid, reading)),
  );
  return moments.map((at) => {
    const strength = strengthsAfter(grid, agedBy(of, at));
    const [low, middle, high] = quantiles(strength, weight, [0.05, 0.5, 0.95]);
    return { at, low: low!, middle: middle!, high: high! };
  });
};
