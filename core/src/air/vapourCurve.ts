import type { GenericActive } from '../domain/families.ts';
import { genericFacts } from '../families/index.ts';
import type { Drying } from '../film/dryingCurve.ts';
import { components } from '../reference/components.ts';

/** A film that dries in a room: m², s from the start of the visit, and how it dries. */
export interface WetFilm {
  area: number;
  at: number;
  drying: Pick<Drying, 'times' | 'gone'>;
}

/**
 * Vapour in a well-mixed room over time: s and ppm; the worst quarter of an hour, the mean over
 * eight hours, and when one may stay again.
 */
export interface Vapour {
  times: number[];
  ppm: number[];
  peak: number;
  shortTerm: number;
  day: number;
  /** Part of the lower explosive limit at the peak. */
  explosive: number;
  /** s from the start until it stays under the limit of a working day. */
  reentry: number;
}

/** Mol of any gas in 1 m³ at 20 °C and 1 atm. */
const MOL_PER_CUBIC_METRE = 1000 / 24.06;
const EVERY = 10;
const QUARTER = 900;
const DAY = 28_800;

/** kg/m² gone by `t` s, between the points of a curve. */
const goneBy = ({ times, gone }: WetFilm['drying'], t: number): number => {
  if (t <= 0) return 0;
  if (t >= times[times.length - 1]!) return gone[gone.length - 1]!;
  let [low, high] = [0, times.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (times[middle]! <= t) low = middle;
    else high = middle;
  }
  const part = (t - times[low]!) / (times[high]! - times[low]!);
  return gone[low]! + part * (gone[high]! - gone[low]!);
};

/**
 * One step of a well-mixed room, exact for a steady source: concentration after `dt` s from `c`,
 * with `source` per s and `changes` of the room an hour. Source: mass balance, C(t) = G/Q (1 −
 * exp(−Qt/V)) + C0 exp(−Qt/V).
 */
export const mixed = (c: number, source: number, changes: number, dt: number): number => {
  const rate = changes / 3600;
  if (rate * dt < 1e-9) return c + source * dt;
  const left = Math.exp(-rate * dt);
  return c * left + (source / rate) * (1 - left);
};

/**
 * Vapour of one active from all its films in a room of `volume` m³ with so many air changes an
 * hour. Throws a RangeError for no room.
 */
export const vapourCurve = (
  active: GenericActive,
  films: readonly WetFilm[],
  volume: number,
  changes: number,
): Vapour => {
  if (!(volume > 0)) throw new RangeError(`room volume ${volume} m³: over 0 is allowed`);
  if (!(changes >= 0)) throw new RangeError(`${changes} air changes: 0 or more is allowed`);
  const { molarMass } = components[active];
  const end =
    Math.max(
      QUARTER,
      ...films.map(({ at, drying }) => at + drying.times[drying.times.length - 1]!),
    ) + 3600;
  const times = [0];
  const ppm = [0];
  let c = 0;
  for (let t = 0; t < end; t += EVERY) {
    const set = films.reduce(
      (sum, { area, at, drying }) =>
        sum + area * (goneBy(drying, t + EVERY - at) - goneBy(drying, t - at)),
      0,
    );
    c = mixed(c, Math.max(0, set) / molarMass / EVERY / volume, changes, EVERY);
    times.push(t + EVERY);
    ppm.push((c / MOL_PER_CUBIC_METRE) * 1e6);
  }
  const steps = QUARTER / EVERY;
  const sums = [0];
  for (const value of ppm) sums.push(sums[sums.length - 1]! + value);
  let shortTerm = 0;
  for (let i = 0; i + steps < sums.length; i += 1)
    shortTerm = Math.max(shortTerm, (sums[i + steps]! - sums[i]!) / steps);
  const peak = Math.max(...ppm);
  const limit = genericFacts[active].air;
  const last = ppm.findLastIndex((value) => value > limit.day);
  return {
    times,
    ppm,
    peak,
    shortTerm,
    day: (sums[sums.length - 1]! * EVERY) / DAY,
    explosive: peak / 1e6 / limit.explosive,
    reentry: last < 0 ? 0 : times[Math.min(last + 1, times.length - 1)]!,
  };
};
