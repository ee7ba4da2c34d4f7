import type { Ops } from './ops.ts';

/** Below any time and any sum of a few: not reached. */
const NEVER = -1_000_000_000;

/** By operation, whether a pair kept apart or a full room may hold it back, whatever is given out. */
export const heldOps = ({ n, room, apart, apartLast, atOnce, cleaners }: Ops): Uint8Array =>
  Uint8Array.from({ length: n }, (_, j) => {
    const paired = apart.first[j + 1]! > apart.first[j]! || apartLast.includes(j);
    return Number(paired || atOnce[room[j]!]! < cleaners);
  });

/** By operation, whether nothing holds it back later: it is not held, and opens no longest gap. */
export const freeOps = (ops: Ops): Uint8Array =>
  heldOps(ops).map((held, j) => Number(held === 0 && !ops.most.op.includes(j)));

/** Operations given to a cleaner that open a longest gap whose later end is not given yet. */
export const openersOf = ({ n, most }: Ops, given: (j: number) => boolean): number[] => {
  const openers = new Set<number>();
  for (let j = 0; j < n; j += 1)
    if (!given(j))
      for (let a = most.first[j]!; a < most.first[j + 1]!; a += 1)
        if (given(most.op[a]!)) openers.add(most.op[a]!);
  return [...openers].sort((a, b) => a - b);
};

/**
 * For one cleaner and the sequence done so far: if this operation had to begin later, by how much
 * at least after its start everything else would: by operation, NEVER where it would not. With it,
 * two sequences of the same operations can be compared though a gap is still open.
 */
export const delaysFrom = (ops: Ops, sequence: readonly number[], opener: number): Int32Array => {
  const { n, rooms, work, room, walk, least, most, apart, apartLast } = ops;
  const place = new Int32Array(n).fill(sequence.length);
  sequence.forEach((j, k) => (place[j] = k));
  const delay = new Int32Array(n).fill(NEVER);
  delay[opener] = 0;
  let changed = true;
  const raise = (j: number, by: number) => {
    if (by <= delay[j]!) return;
    delay[j] = by;
    changed = true;
  };
  /** Of a pair kept apart the one that came first is over before the other begins. */
  const byApart = (j: number) => {
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1) {
      const from = delay[apartLast[a]!]!;
      if (place[apart.op[a]!]! < place[j]! && from > NEVER) raise(j, from + apart.lag[a]!);
    }
  };
  while (changed) {
    changed = false;
    for (let k = 0; k < sequence.length; k += 1) {
      const j = sequence[k]!;
      const before = sequence[k - 1];
      if (before !== undefined && delay[before]! > NEVER)
        raise(j, delay[before]! + work[before]! + walk[room[before]! * rooms + room[j]!]!);
      for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1)
        if (delay[least.op[a]!]! > NEVER) raise(j, delay[least.op[a]!]! + least.lag[a]!);
      for (let a = most.first[j]!; a < most.first[j + 1]!; a += 1)
        if (delay[j]! > NEVER) raise(most.op[a]!, delay[j]! - most.lag[a]!);
      byApart(j);
    }
    // A circle that only grows holds no plan; it is refuted elsewhere.
    if (delay[opener]! > 0) return delay;
  }
  const isGiven = (j: number) => place[j]! < sequence.length;
  for (let j = 0; j < n; j += 1) {
    if (isGiven(j)) continue;
    for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1) {
      const from = delay[least.op[a]!]!;
      if (from > NEVER && isGiven(least.op[a]!))
        delay[j] = Math.max(delay[j]!, from + least.lag[a]!);
    }
    byApart(j);
  }
  return delay;
};
