import type { Ops } from './ops.ts';
import { wayBetween } from './walks.ts';

/** Operations of which one must be over before the next begins. */
export interface Line {
  ops: number[];
  /** Whether one cleaner does them all, walking between. */
  walks: boolean;
}

/** One cleaner alone is a line; so is a room that holds one. */
export const linesOf = (ops: Ops): Line[] => {
  const all = Array.from({ length: ops.n }, (_, j) => j);
  if (ops.cleaners === 1) return [{ ops: all, walks: true }];
  return Array.from({ length: ops.rooms }, (_, r) => r)
    .filter((r) => ops.atOnce[r] === 1)
    .map((r) => ({ ops: all.filter((j) => ops.room[j] === r), walks: false }));
};

/** Two of a line, of which one is over, and the way gone, before the other begins. */
export interface Pair {
  i: number;
  j: number;
  /** From the start of i to that of j, where i is first, and the other way round, s. */
  ij: number;
  ji: number;
  walks: boolean;
}

/** Of a line, two by two, what no arc puts in order so that nothing else follows from it. */
export const openPairs = (ops: Ops, { ops: own, walks }: Line): Pair[] => {
  const { n, next, sorted, room, work } = ops;
  const after = Array.from({ length: n }, () => new Uint8Array(n));
  for (let k = sorted.length - 1; k >= 0; k -= 1) {
    const j = sorted[k]!;
    for (let a = next.first[j]!; a < next.first[j + 1]!; a += 1) {
      const i = next.op[a]!;
      after[j]![i] = 1;
      after[i]!.forEach((is, x) => {
        if (is) after[j]![x] = 1;
      });
    }
  }
  const inOrder = (i: number, j: number) =>
    (after[i]![j] === 1 || after[j]![i] === 1) && (!walks || room[i] === room[j]);
  return own.flatMap((i, a) =>
    own.slice(a + 1).flatMap((j): Pair[] => {
      const between = walks ? wayBetween(ops, i, j) : 0;
      return inOrder(i, j) ? [] : [{ i, j, ij: work[i]! + between, ji: work[j]! + between, walks }];
    }),
  );
};
