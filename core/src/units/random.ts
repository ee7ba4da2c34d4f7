// Looked up once: these are drawn by the million.
const { imul } = Math;

/**
 * Numbers from 0 to 1 that follow from a seed: the same seed, the same numbers. Source: mulberry32,
 * public domain.
 */
export const seeded = (seed: number): (() => number) => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = imul(state ^ (state >>> 15), 1 | state);
    t = (t + imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
};

/** Normally distributed numbers, mean 0 and deviation 1. Source: Box and Muller. */
export const normal =
  (next: () => number): (() => number) =>
  () =>
    Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());

/** How many draws, and where they begin: the same seed gives the same draws. */
export interface Draws {
  draws: number;
  seed: number;
}
