import type { Ops } from './ops.ts';

/**
 * All that a laid out order leaves behind, by operation, by place in the order, by cleaner and by
 * room: parts of one array, so that all of it is copied at once.
 */
export const memory = ({ n, cleaners, rooms }: Ops) => {
  const all = new Int32Array(10 * n + 2 * cleaners + rooms * cleaners);
  let from = 0;
  const part = (length: number) => all.subarray(from, (from += length));
  return {
    all,
    start: part(n),
    /** What a longest gap asks: not before; and which operation asked it last. */
    notBefore: part(n),
    askedBy: part(n),
    mendsLeft: part(n),
    broken: part(n),
    place: part(n),
    slotOf: part(n),
    wasFree: part(n),
    wasWhere: part(n),
    wasSlot: part(n),
    freeAt: part(cleaners),
    where: part(cleaners),
    /** Ends of the last `atOnce` operations by room. */
    slots: part(rooms * cleaners),
  };
};
export type Memory = ReturnType<typeof memory>;

/** What may hold an operation back besides its cleaner and what it waits for: bits. */
export const GAP = 1;
export const APART = 2;
export const FULL = 4;
export const checksOf = (ops: Ops): Uint8Array =>
  Uint8Array.from({ length: ops.n }, (_, j) => {
    const has = ({ first }: { first: Int32Array }) => first[j + 1]! > first[j]!;
    return (
      (has(ops.most) ? GAP : 0) +
      (has(ops.apart) ? APART : 0) +
      (ops.atOnce[ops.room[j]!]! < ops.cleaners ? FULL : 0)
    );
  });
