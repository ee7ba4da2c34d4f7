import type { BottleRow, PlaceRow } from '@zymostat/contract';
import type { Active } from '@zymostat/core';

export interface Solution {
  active: Active;
  strength: number;
}
export interface Missing extends Solution {
  count: number;
  /** Bottles of it that stand nowhere yet. */
  free: BottleRow[];
}

/** Closer than this two strengths are the same. */
const SAME = 1e-4;
export const isSame = (a: Solution, b: Solution): boolean =>
  a.active === b.active && Math.abs(a.strength - b.strength) < SAME;

const holds = ({ heldSinceWash }: BottleRow, of: Solution): boolean =>
  heldSinceWash !== null && isSame(heldSinceWash, of);

/** What belongs in a place and is not there, with the bottles that could be put in. */
export const missingIn = (
  place: PlaceRow,
  places: readonly PlaceRow[],
  bottles: readonly BottleRow[],
): Missing[] => {
  const here = new Set(place.items.map(({ of }) => of));
  const somewhere = new Set(places.flatMap(({ items }) => items.map(({ of }) => of)));
  return place.belongs.flatMap(({ count, ...of }) => {
    const there = bottles.filter((bottle) => here.has(bottle.id) && holds(bottle, of)).length;
    const free = bottles.filter((bottle) => !somewhere.has(bottle.id) && holds(bottle, of));
    return there < count ? [{ ...of, count: count - there, free }] : [];
  });
};
