import type { Ops } from './ops.ts';

/** Below any time and any sum of a few: not reached. */
const NEVER = -1_000_000_000;

/** By operation, whether nothing holds it back later: no gap that it opens, no pair, no full room. */
export const freeOps = ({ n, room, most, apart, apartLast, atOnce, cleaners }: Ops): Uint8Array =>
  Uint8Array.from({ length: n }, (_, j) => {
    const paired = apart.first[j + 1]! > apart.first[j]! || apartLast.includes(j);
    return Number(!most.op.includes(j) && !paired && atOnce[room[j]!]! >= cleaners);
  });

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
  const { n, rooms, work, room, walk, least, most } = ops;
  const delay = new Int32Array(n).fill(NEVER);
  delay[opener] = 0;
  let changed = true;
  const raise = (j: number, by: number) => {
    if (by <= delay[j]!) return;
    delay[j] = by;
    changed = true;
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
    }
    // A circle that only grows holds no plan; it is refuted elsewhere.
    if (delay[opener]! > 0) return delay;
  }
  const given = new Set(sequence);
  for (let j = 0; j < n; j += 1)
    if (!given.has(j))
      for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1) {
        const from = delay[least.op[a]!]!;
        if (from > NEVER && given.has(least.op[a]!))
          delay[j] = Math.max(delay[j]!, from + least.lag[a]!);
      }
  return delay;
};
