/** A container as far as it can still be poured from; m³, ms since 1970. */
export interface Usable {
  id: string;
  left: number;
  /** Its date, or the earliest day it can be too weak: whichever comes first. */
  usableUntil: number;
}

export interface FirstOut {
  /** When there is none left that may be poured; nothing where nothing is used. */
  emptyAt: number | null;
  /** What will go out of date unused, m³, of those that will. */
  unused: { id: string; volume: number }[];
}

const DAY_MS = 86_400_000;
/** A microlitre is a rounding, m³. */
const NOTHING = 1e-9;

/**
 * How long a shelf lasts at so many m³ a day, and what of it is never used, where the first to
 * expire goes first: no other order lasts longer or wastes less.
 */
export const firstOut = (shelf: readonly Usable[], perDay: number, now: number): FirstOut => {
  const perMs = perDay / DAY_MS;
  const unused: FirstOut['unused'] = [];
  let at = now;
  for (const { id, left, usableUntil } of [...shelf].sort(
    (a, b) => a.usableUntil - b.usableUntil,
  )) {
    const until = Math.max(at, usableUntil);
    const used = Math.min(left, perMs * (until - at));
    if (left - used > NOTHING) unused.push({ id, volume: left - used });
    if (used > 0) at += used / perMs;
  }
  return { emptyAt: perDay > 0 ? at : null, unused };
};
