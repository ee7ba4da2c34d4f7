import { delaysFrom } from './delays.ts';
import type { Ops } from './ops.ts';

/** A state of a search through sequences: what has been given out, and from when on the rest can be. */
export interface State {
  left: readonly number[];
  soonest: Int32Array;
  /** By cleaner: when free, and in which room; nothing for those who take no more. */
  cleaners: readonly ({ freeAt: number; room: number } | undefined)[];
  /** For one cleaner: what was done so far, and which of it opens a gap that is still open. */
  sequence: readonly number[];
  openers: readonly number[];
}

/** States kept for one set of operations: more would be compared longer than they save. */
const MOST_KEPT = 40;

/** What is known of a state, smaller being better: soonest starts, and what a delay would do. */
const measures = (ops: Ops, { left, soonest, cleaners, sequence, openers }: State): number[] => {
  const times = left.map((j) => soonest[j]!);
  for (const one of cleaners) times.push(one ? one.freeAt : 0);
  for (const i of openers) {
    const delay = delaysFrom(ops, sequence, i);
    times.push(soonest[i]!, delay[sequence.at(-1)!]!);
    for (const j of left) times.push(delay[j]!);
    for (const other of openers) times.push(delay[other]!);
  }
  return times;
};

/**
 * Remembers states, and says whether the same operations were given out before so that all that is
 * left could begin as soon or sooner. With a gap open only one cleaner's states can be compared.
 */
export const seenStates = (ops: Ops) => {
  const seen = new Map<string, number[][]>();
  return (state: State): boolean => {
    if (state.openers.length > 0 && state.cleaners.length > 1) return false;
    const rooms = state.cleaners.map((one) => (one ? one.room : 'x'));
    const key = `${state.left.join()}|${rooms.join()}`;
    const own = measures(ops, state);
    const known = seen.get(key);
    if (!known) seen.set(key, [own]);
    else if (known.some((one) => one.every((t, k) => t <= own[k]!))) return true;
    else if (known.length < MOST_KEPT) known.push(own);
    return false;
  };
};
