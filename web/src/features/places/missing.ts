import type { BottleRow, PlaceRow } from '@zymostat/contract';
import { sameSolution, type OfStrength } from '@zymostat/core';

export interface Missing extends OfStrength {
  count: number;
  /** Bottles of it that stand nowhere yet. */
  free: BottleRow[];
}

const holds = ({ heldSinceWash }: BottleRow, of: OfStrength): boolean =>
  heldSinceWash !== null && sameSolution(heldSinceWash, of);

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
