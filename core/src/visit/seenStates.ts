import { delaysFrom } from './delays.ts';
import { shutsBetween } from './openHours.ts';
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

/** Whether one operation of a pair kept apart was given out so that its wet time may still move. */
const pairsSettled = (ops: Ops, { soonest }: State, isLeft: Uint8Array): boolean => {
  const { n, apart, apartLast } = ops;
  const follows = (a: number, j: number) => soonest[j]! >= soonest[apartLast[a]!]! + apart.lag[a]!;
  for (let j = 0; j < n; j += 1)
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1) {
      const other = apart.op[a]!;
      if (isLeft[other]) continue;
      // The other is given out: this one follows it, or is given out before it.
      if (!isLeft[apartLast[a]!] && follows(a, j)) continue;
      const back = backOf(ops, j, other);
      if (isLeft[j] || isLeft[apartLast[back]!] || !follows(back, other)) return false;
    }
  return true;
};

/** The arc of a pair kept apart that says the other order. */
const backOf = ({ apart }: Ops, j: number, other: number): number => {
  let b = apart.first[other]!;
  while (apart.op[b] !== j) b += 1;
  return b;
};

/** Whether no full room can hold back what was given out, nor what was given out what is left. */
const roomsSettled = (ops: Ops, { soonest }: State, isLeft: Uint8Array): boolean => {
  const { n, room, work, atOnce, cleaners } = ops;
  const over = (i: number) => soonest[i]! + work[i]!;
  for (let i = 0; i < n; i += 1) {
    if (isLeft[i] || atOnce[room[i]!]! >= cleaners) continue;
    for (let j = 0; j < n; j += 1) {
      if (j === i || room[j] !== room[i] || soonest[j]! >= over(i)) continue;
      if (isLeft[j] || soonest[i]! < over(j)) return false;
    }
  }
  return true;
};

/** Whether nothing that was given out waits for what is left. */
const waitsSettled = ({ n, least }: Ops, isLeft: Uint8Array): boolean => {
  for (let j = 0; j < n; j += 1)
    for (let a = least.first[j]!; a < least.first[j + 1]! && !isLeft[j]; a += 1)
      if (isLeft[least.op[a]!]) return false;
  return true;
};

/**
 * Whether all that was given out can stay where it is, as soon as can be, whatever becomes of the
 * rest: then the soonest starts of what is left say all that it does to it. Of one cleaner alone
 * gaps that are still open are measured, and pairs follow from the sequence.
 */
const isSettled = (ops: Ops, state: State): boolean => {
  if (ops.cleaners === 1) return true;
  const isLeft = new Uint8Array(ops.n);
  for (const j of state.left) isLeft[j] = 1;
  return (
    waitsSettled(ops, isLeft) &&
    pairsSettled(ops, state, isLeft) &&
    roomsSettled(ops, state, isLeft)
  );
};

/**
 * Remembers states, and says whether the same operations were given out before so that all that is
 * left could begin as soon or sooner.
 */
export const seenStates = (ops: Ops) => {
  const seen = new Map<string, number[][]>();
  // With hours a little later may be much later.
  const gapsCompare = ops.cleaners === 1 && !shutsBetween(ops);
  return (state: State): boolean => {
    if (state.openers.length > 0 && !gapsCompare) return false;
    const rooms = state.cleaners.map((one) => (one ? one.room : 'x'));
    const key = `${state.left.join()}|${rooms.join()}`;
    const own = measures(ops, state);
    const known = seen.get(key);
    if (known?.some((one) => one.every((t, k) => t <= own[k]!))) return true;
    if ((known?.length ?? 0) >= MOST_KEPT || !isSettled(ops, state)) return false;
    if (known) known.push(own);
    else seen.set(key, [own]);
    return false;
  };
};
