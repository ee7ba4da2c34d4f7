import type { Ops } from './ops.ts';

/** The soonest start at or after t at which the room of j is open throughout; -1 if there is none. */
export const soonestOpen = (
  { openFirst, openFrom, openTo, room, work }: Ops,
  j: number,
  t: number,
): number => {
  const r = room[j]!;
  for (let s = openFirst[r]!; s < openFirst[r + 1]!; s += 1) {
    const at = openFrom[s]! > t ? openFrom[s]! : t;
    if (at + work[j]! <= openTo[s]!) return at;
  }
  return -1;
};

/** The latest start at or before t at which it is; -1 if there is none. */
export const latestOpen = (
  { openFirst, openFrom, openTo, room, work }: Ops,
  j: number,
  t: number,
): number => {
  const r = room[j]!;
  for (let s = openFirst[r + 1]! - 1; s >= openFirst[r]!; s -= 1) {
    const last = openTo[s]! - work[j]!;
    const at = last < t ? last : t;
    if (at >= openFrom[s]!) return at;
  }
  return -1;
};
