import type { GenericActive } from '../domain/families.ts';
import { phi } from '../units/phi.ts';

const { exp } = Math;
export const YEAR_MS = 365.25 * 86_400_000;

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
export const storages = Object.keys(storage) as Storage[];

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
  /** Nothing where nobody has said how it is kept: then it counts as kept badly. */
  storage: readonly Storage[] | null;
  readings: readonly StrengthReading[];
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
export const agedBy = (
  { active, receivedAt, openedAt, storage: stands }: Aging,
  at: number,
): number => {
  const { closed, opened } = lossAYear[active];
  const harder = (stands ?? storages).reduce((product, one) => product * storage[one], 1);
  const opening = Math.min(openedAt ?? Infinity, at);
  const shut = Math.max(0, opening - receivedAt) / YEAR_MS;
  const open = Math.max(0, at - Math.max(opening, receivedAt)) / YEAR_MS;
  return harder * (closed * shut + opened * open);
};

/** How fast it loses from now on, in the logarithm a ms at the middle rate. */
export const slopeOf = (of: Aging, now: number): number =>
  (agedBy(of, now + YEAR_MS) - agedBy(of, now)) / YEAR_MS;

export interface Grid {
  /** The strength it began with, and how many times as fast it loses, of each point. */
  began: Float64Array;
  rate: Float64Array;
  weight: Float64Array;
}

export const priorOf = ({ declared }: Aging): Grid => {
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

/** What each point of the grid still holds when it has aged by so much. */
export const strengthsAfter = ({ began, rate }: Grid, aged: number): Float64Array =>
  began.map((one, i) => one * exp(-rate[i]! * aged));

/** How likely a reading is of what holds so much. */
const likely = ({ low, high, error }: StrengthReading, strength: number): number => {
  const sd = error * strength;
  return Math.max(LEAST, phi((high - strength) / sd) - phi((low - strength) / sd));
};

/** How likely a reading is at every point. */
export const likelihood = (
  of: Aging,
  { began, rate }: Grid,
  reading: StrengthReading,
): Float64Array => {
  const aged = agedBy(of, reading.at);
  return began.map((one, i) => likely(reading, one * exp(-rate[i]! * aged)));
};

/** Weighs every point by what was read. */
export const weighed = ({ weight }: Grid, read: readonly Float64Array[]): Float64Array =>
  weight.map((one, i) => read.reduce((product, likelihoods) => product * likelihoods[i]!, one));

/** Shares of what lies on a grid, smallest first. */
export const quantiles = (
  values: Float64Array,
  weight: Float64Array,
  shares: readonly number[],
) => {
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
