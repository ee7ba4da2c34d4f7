import { FOREVER, type Ops } from './ops.ts';

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

/** Whether any room is open otherwise than once, from the beginning to the end of all hours. */
export const shutsBetween = ({ rooms, openFirst, openFrom, openTo, from, to }: Ops): boolean => {
  for (let r = 0; r < rooms; r += 1) {
    const s = openFirst[r]!;
    if (openFirst[r + 1]! !== s + 1) return true;
    if (openFrom[s]! > Math.min(...from) || openTo[s]! < Math.max(...to)) return true;
  }
  return false;
};

export const orNever = (t: number): number => (t < 0 ? FOREVER : t);
