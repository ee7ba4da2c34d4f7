/**
 * A share of a batch by weight (fraction) and what it comes to in kg; `error` is how far half a
 * step of the scale puts it off, relative.
 */
export interface Weighed {
  share: number;
  mass: number;
  error: number;
}
export type WeighOut =
  { ok: true; portions: Weighed[]; tooFine: number[] } | { ok: false; sum: number };

/**
 * A portion that the scale cannot show to within this is too fine for it. Source: common practice,
 * no source.
 */
const TOLERABLE = 0.02;

/**
 * Shares by weight scaled to a batch of `batch` kg, on a scale that shows steps of `resolution` kg.
 * Refused unless they add up to 1 (to 0.01 %). `tooFine` names the portions that want a finer scale
 * or a larger batch.
 */
export const weighOut = (
  shares: readonly number[],
  batch: number,
  resolution: number,
): WeighOut => {
  const sum = shares.reduce((a, b) => a + b, 0);
  if (!(Math.abs(sum - 1) <= 1e-4) || shares.some((share) => !(share > 0)))
    return { ok: false, sum };
  const portions = shares.map((share) => ({
    share,
    mass: share * batch,
    error: resolution / 2 / (share * batch),
  }));
  return {
    ok: true,
    portions,
    tooFine: portions.flatMap(({ error }, i) => (error > TOLERABLE ? [i] : [])),
  };
};

/**
 * What is still to be poured after something was over-poured: the whole batch grows by `scale` so
 * that its shares hold. kg.
 */
export interface Correction {
  scale: number;
  toPour: number[];
  total: number;
}

/**
 * How to put a batch right: what was poured too much of sets the size, the rest follows. Masses in
 * kg, in the same order.
 */
export const correctPour = (meant: readonly number[], poured: readonly number[]): Correction => {
  const scale = Math.max(1, ...meant.map((mass, i) => (mass > 0 ? poured[i]! / mass : 1)));
  const toPour = meant.map((mass, i) => Math.max(0, mass * scale - poured[i]!));
  return { scale, toPour, total: meant.reduce((sum, mass) => sum + mass * scale, 0) };
};
