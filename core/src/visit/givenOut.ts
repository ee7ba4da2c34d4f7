import { heldOps, openersOf } from './delays.ts';
import type { Way } from './meeting.ts';
import type { Ops } from './ops.ts';

/** What follows from which operations were given to a cleaner so far: by operation, or -1. */
export const givenOut = (ops: Ops, who: Int8Array) => {
  const { n, least, apart, apartLast } = ops;
  const isHeld = heldOps(ops);
  const given = (j: number): boolean => who[j]! >= 0;
  const waitsForNone = (j: number): boolean => {
    for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1)
      if (!given(least.op[a]!)) return false;
    return true;
  };
  const pairArcs = (j: number): Way[] => {
    const arcs: Way[] = [];
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1)
      if (given(apart.op[a]!)) arcs.push([apartLast[a]!, j, apart.lag[a]!]);
    return arcs;
  };
  const openers = () => openersOf(ops, given);
  return {
    given,
    waitsForNone,
    /** For one cleaner alone: how long after what it is kept apart from this begins. */
    pairArcs,
    /** For one cleaner alone: whether all that must be over before it was given out. */
    isNext: (j: number): boolean => waitsForNone(j) && pairArcs(j).every(([last]) => given(last)),
    openers,
    /** Starts of what is given are final: nothing that is still to come can hold it back. */
    settled: (): boolean => {
      for (let j = 0; j < n; j += 1)
        if (given(j) && (isHeld[j] === 1 || !waitsForNone(j))) return false;
      return openers().length === 0;
    },
  };
};
