import type { Ops } from './ops.ts';

/** All that a laid out order leaves behind, by operation, by place in the order, by cleaner. */
export const memory = ({ n, cleaners, rooms }: Ops) => ({
  start: new Int32Array(n),
  /** What a longest gap asks: not before; and which operation asked it last. */
  notBefore: new Int32Array(n),
  askedBy: new Int32Array(n),
  mendsLeft: new Int32Array(n),
  broken: new Int32Array(n),
  place: new Int32Array(n),
  slotOf: new Int32Array(n),
  wasFree: new Int32Array(n),
  wasWhere: new Int32Array(n),
  wasSlot: new Int32Array(n),
  freeAt: new Int32Array(cleaners),
  where: new Int32Array(cleaners),
  /** Ends of the last `atOnce` operations by room. */
  slots: new Int32Array(rooms * cleaners),
});
export type Memory = ReturnType<typeof memory>;

/** The names of all that it holds. */
export const perAll = [
  'start',
  'notBefore',
  'askedBy',
  'mendsLeft',
  'broken',
  'place',
  'slotOf',
  'wasFree',
  'wasWhere',
  'wasSlot',
  'freeAt',
  'where',
  'slots',
] as const;

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
