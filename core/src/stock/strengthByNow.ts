import type { GenericActive } from '../domain/families.ts';
import { phi } from '../units/phi.ts';

const { exp, log } = Math;
const YEAR_MS = 365.25 * 86_400_000;

/**
 * What is lost a year at the middle, closed and opened. Peroxide: closed, dark and cool under 2 %
 * (CDC-2008, memory); opened nobody has published a figure; the rest common practice, no source.
 */
const lossAYear: Record<GenericActive, { closed: number; opened: number }> = {
  'hydrogen peroxide': { closed: 0.015, opened: 0.12 },
  ethanol: { closed: 0.003, opened: 0.04 },
  '2-propanol': { closed: 0.003, opened: 0.04 },
  'acetic acid': { closed: 0.002, opened: 0.01 },
};

/** How a container stands, as somebody says. Source: common practice, no source. */
export const storage = { warm: 2, clear: 3 } as const;
export type Storage = keyof typeof storage;

/** How far containers of the same kind lie apart, in the logarithm, and labels from what is in. */
const SPREAD = 0.8;
const LABEL = 0.04;

/** What was read: between which strengths it lies, and by how much a reading may be off, relative. */
export interface StrengthReading {
  at: number;
  low: number;
  high: number;
  error: number;
}

/** A container whose strength is asked after; strengths as fractions in its basis, times ms. */
export interface Aging {
  active: GenericActive;
  declared: number;
  receivedAt: number;
  openedAt: number | null;
  storage: readonly Storage[];
  readings: readonly StrengthReading[];
}

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

const RATES = 41;
const BEGINNINGS = 21;
const REACH = 3.2;
const rates = Float64Array.from(
  { length: RATES },
  (_, i) => -REACH + (2 * REACH * i) / (RATES - 1),
);
const beginnings = Float64Array.from(
  { length: BEGINNINGS },
  (_, i) => -REACH + (2 * REACH * i) / (BEGINNINGS - 1),
);

/** How much it would lose until then at the middle rate, in the logarithm. */
const agedBy = ({ active, receivedAt, openedAt, storage: stands }: Aging, at: number): number => {
  const { closed, opened } = lossAYear[active];
  const harder = stands.reduce((product, one) => product * storage[one], 1);
  const opening = Math.min(openedAt ?? Infinity, at);
  const shut = Math.max(0, opening - receivedAt) / YEAR_MS;
  const open = Math.max(0, at - Math.max(opening, receivedAt)) / YEAR_MS;
  return harder * (closed * shut + opened * open);
};

/** How fast it loses from now on, in the logarithm a ms at the middle rate. */
const slopeOf = (of: Aging, now: number): number =>
  (agedBy(of, now + YEAR_MS) - agedBy(of, now)) / YEAR_MS;

interface Grid {
  /** The strength it began with, and how many times as fast it loses, of each point. */
  began: Float64Array;
  rate: Float64Array;
  weight: Float64Array;
}

const priorOf = ({ declared }: Aging): Grid => {
  const size = RATES * BEGINNINGS;
  const [began, rate, weight] = [0, 1, 2].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let i = 0; i < RATES; i += 1)
    for (let j = 0; j < BEGINNINGS; j += 1) {
      const at = i * BEGINNINGS + j;
      began[at] = declared * (1 + LABEL * beginnings[j]!);
      rate[at] = exp(SPREAD * rates[i]!);
      weight[at] = exp(-(rates[i]! ** 2 + beginnings[j]! ** 2) / 2);
    }
  return { began, rate, weight };
};

const LEAST = 1e-12;

/** How likely a reading is of what holds so much. */
const likely = ({ low, high, error }: StrengthReading, strength: number): number => {
  const sd = error * strength;
  return Math.max(LEAST, phi((high - strength) / sd) - phi((low - strength) / sd));
};

/** How likely a reading is at every point. */
const likelihood = (of: Aging, { began, rate }: Grid, reading: StrengthReading): Float64Array => {
  const aged = agedBy(of, reading.at);
  return began.map((one, i) => likely(reading, one * exp(-rate[i]! * aged)));
};

/** Weighs every point by what was read. */
const weighed = ({ weight }: Grid, read: readonly Float64Array[]): Float64Array =>
  weight.map((one, i) => read.reduce((product, likelihoods) => product * likelihoods[i]!, one));

/** Shares of what lies on a grid, smallest first. */
const quantiles = (values: Float64Array, weight: Float64Array, shares: readonly number[]) => {
  const order = Uint32Array.from(values.keys()).sort((a, b) => values[a]! - values[b]!);
  const total = weight.reduce((sum, one) => sum + one, 0);
  let sum = 0;
  let next = 0;
  const found: number[] = [];
  for (const at of order) {
    sum += weight[at]!;
    while (next < shares.length && sum >= shares[next]! * total) {
      found.push(values[at]!);
      next += 1;
    }
  }
  return found;
};

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
  const strength = grid.began.map((began, i) => began * exp(-grid.rate[i]! * aged));
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
