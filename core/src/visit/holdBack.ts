import type { Memory } from './memory.ts';
import { soonestOpen } from './openHours.ts';
import type { Ops } from './ops.ts';

/** Added where an order of work contradicts itself, above any number of seconds. */
const CONTRADICTION = 100_000;
/** What may hold an operation back besides its cleaner and what it waits for. */
export const holdBack = (ops: Ops, { start, broken, place, slots, slotOf }: Memory) => {
  const { cleaners, work, room, atOnce, apart, apartLast, openFirst, openTo } = ops;

  /** Later, so that pairs kept apart do not meet; those not yet laid are nobody's yet. */
  const keptApart = (j: number, k: number, t: number): number => {
    let later = t;
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1) {
      if (place[apart.op[a]!]! >= k) continue;
      const last = apartLast[a]!;
      if (place[last]! >= k) {
        broken[j] = CONTRADICTION;
        continue;
      }
      const after = start[last]! + apart.lag[a]!;
      if (after > later) later = after;
    }
    return later;
  };

  /** Later, so that the room holds one more. Writes down which slot it takes. */
  const inRoom = (j: number, t: number): number => {
    const r = room[j]!;
    const fits = atOnce[r]!;
    if (fits === 0) {
      broken[j] = CONTRADICTION;
      return t;
    }
    let slot = r * cleaners;
    for (let s = slot + 1; s < r * cleaners + fits; s += 1) if (slots[s]! < slots[slot]!) slot = s;
    slotOf[j] = slot;
    return slots[slot]! > t ? slots[slot]! : t;
  };

  /** Later, so that the room is open throughout; where it never is, by how much that is broken. */
  const whenOpen = (j: number, t: number): number => {
    const at = soonestOpen(ops, j, t);
    if (at >= 0) return at;
    const end = openFirst[room[j]! + 1]!;
    const opens = end > openFirst[room[j]!]!;
    broken[j]! += opens ? Math.max(1, t + work[j]! - openTo[end - 1]!) : CONTRADICTION;
    return t;
  };

  return { keptApart, inRoom, whenOpen };
};
