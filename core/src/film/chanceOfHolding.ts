import type { RoomAir } from '../reference/roomAir.ts';
import { normal, seeded, type Draws } from '../units/random.ts';
import { holdsFor } from './dryingCurve.ts';
import { type Film } from './filmAir.ts';

/**
 * What differs from one spraying to the next, one deviation each. Source: common practice, no
 * source.
 */
export const spread = {
  coat: 0.25,
  temperature: 1.5,
  humidity: 0.07,
  airSpeed: 0.4,
  strength: 0.01,
} as const;
export type HoldingLever = keyof typeof spread;

export interface Holding {
  draws: number;
  held: number;
  /** What shortens it most when it is off by one deviation, and what it then holds for, s. */
  lever: HoldingLever;
  holdsWith: number;
}

/**
 * A film and air one deviation (`by`) off in one thing: thinner, warmer, drier, windier, weaker.
 */
const off = (
  film: Film,
  air: RoomAir,
  by: Partial<Record<HoldingLever, number>>,
): [Film, RoomAir] => [
  {
    ...film,
    thickness: film.thickness * Math.exp(-(by.coat ?? 0) * spread.coat),
    strength: Math.min(1, Math.max(0, film.strength * (1 - (by.strength ?? 0) * spread.strength))),
  },
  {
    ...air,
    temperature: Math.min(
      40,
      Math.max(0, air.temperature + (by.temperature ?? 0) * spread.temperature),
    ),
    humidity: Math.min(0.98, Math.max(0, air.humidity - (by.humidity ?? 0) * spread.humidity)),
    airSpeed: air.airSpeed * Math.exp((by.airSpeed ?? 0) * spread.airSpeed),
  },
];

/** The one thing that matters most for how long a coat holds. */
export const holdingLever = (
  film: Film,
  air: RoomAir,
  floor: number,
): { lever: HoldingLever; holdsWith: number } =>
  (Object.keys(spread) as HoldingLever[])
    .map((lever) => ({ lever, holdsWith: holdsFor(...off(film, air, { [lever]: 1 }), floor) }))
    .reduce((worst, one) => (one.holdsWith < worst.holdsWith ? one : worst));

/**
 * What is asked of each of so many coats: `needed` s above the floor (the required time, or the
 * planned interval of re-wets).
 */
export interface HoldingAsked {
  floor: number;
  needed: number;
  coats: number;
}

/**
 * The chance that each coat holds as asked, given how people spray and what rooms are like.
 * Sources: as of the drying model; spread common practice.
 */
export const chanceOfHolding = (
  film: Film,
  air: RoomAir,
  { floor, needed, coats }: HoldingAsked,
  { draws, seed }: Draws,
): Holding => {
  const next = normal(seeded(seed));
  let held = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    // The room and the bottle are the same for all coats of a treatment; the hand differs from coat
    // to coat.
    const room = { temperature: next(), humidity: next(), airSpeed: next(), strength: next() };
    let all = true;
    for (let coat = 0; coat < coats && all; coat += 1)
      all = holdsFor(...off(film, air, { ...room, coat: next() }), floor) >= needed;
    if (all) held += 1;
  }
  return { draws, held, ...holdingLever(film, air, floor) };
};
