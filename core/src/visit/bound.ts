import { blocksOf, groupsOf, type Block, type BlockGroup } from './blocks.ts';
import { leastWalking } from './walks.ts';
import type { Ops } from './ops.ts';
import { linesOf, type Line } from './lines.ts';
import { narrow, openWindows, type Windows } from './windows.ts';

/** Sums of the k smallest, for k from 1. */
export const smallest = (values: Int32Array | number[]): number[] => {
  let sum = 0;
  return [...values].sort((a, b) => a - b).map((value) => (sum += value));
};

/** What the cleaners who take part can do. */
export interface Load {
  least: (mask: number, cleaners: number) => number;
  /** Of the paid windows: sums of the k soonest beginnings and of the k latest ends. */
  begins: number[];
  ends: number[];
}

/**
 * Whether the work that must lie between two times does not fit between them, for any two times:
 * k cleaners who begin no sooner than the k soonest starts and are over no later than the k latest
 * ends have so much time, less the walking between all the rooms concerned.
 * After the head and tail bound for identical machines (J. Carlier, Scheduling jobs with release
 * dates and tails on identical machines to minimize the makespan, 1987; from memory).
 */
export const overloaded = (
  { work, room }: Ops,
  own: readonly number[],
  { least, begins, ends }: Load,
  { soonest, latest }: Windows,
): boolean => {
  const cleaners = begins.length;
  const byStart = [...own].sort((a, b) => soonest[b]! - soonest[a]!);
  const over = (j: number) => latest[j]! + work[j]!;
  const ceilings = [...new Set(byStart.map(over))];
  for (const ceiling of ceilings) {
    let sum = 0;
    let mask = 0;
    let count = 0;
    /** The last ends, latest first, and the soonest starts in the order of coming: at most k. */
    const last: number[] = [];
    const first: number[] = [];
    for (const j of byStart) {
      const end = over(j);
      if (end > ceiling) continue;
      sum += work[j]!;
      mask |= 1 << room[j]!;
      count += 1;
      let at = last.length;
      while (at > 0 && last[at - 1]! < end) at -= 1;
      last.splice(at, 0, end);
      if (last.length > cleaners) last.pop();
      first.unshift(soonest[j]!);
      if (first.length > cleaners) first.pop();
      let fits = false;
      let time = 0;
      for (let k = 1; k <= Math.min(cleaners, count) && !fits; k += 1) {
        time += last[k - 1]! - first[k - 1]!;
        const day = ends[k - 1]! - begins[k - 1]!;
        fits = Math.min(time, day) >= sum + least(mask, k);
      }
      if (!fits) return true;
    }
  }
  return false;
};

/** A piece of work that one line does in one go. */
interface Piece {
  room: number;
  work: number;
  soonest: number;
  /** The latest end. */
  over: number;
}

/** Whether pieces of one line do not fit between the soonest start and the latest end of some. */
const tooMuch = (pieces: readonly Piece[], walking: (mask: number) => number): boolean => {
  const byStart = [...pieces].sort((a, b) => b.soonest - a.soonest);
  return [...new Set(byStart.map(({ over }) => over))].some((ceiling) => {
    let sum = 0;
    let mask = 0;
    return byStart.some(({ room, work, soonest, over }) => {
      if (over > ceiling) return false;
      sum += work;
      mask |= 1 << room;
      return soonest + sum + walking(mask) > ceiling;
    });
  });
};

/** Whether any of these lines has no room for all of its work, or for what stands beside a hold. */
export const linesOverloaded = (
  { work, room }: Ops,
  { lines, groups }: { lines: readonly Line[]; groups: readonly BlockGroup[] },
  least: Load['least'],
  { soonest, latest }: Windows,
): boolean => {
  const piece = (j: number): Piece => ({
    room: room[j]!,
    work: work[j]!,
    soonest: soonest[j]!,
    over: latest[j]! + work[j]!,
  });
  const coats = ({ apply, span, wet }: Block): Piece => {
    const over = latest[apply]! + work[apply]! + wet;
    return { ...piece(apply), work: span, over };
  };
  const walking = (walks: boolean) => (mask: number) => (walks ? least(mask, 1) : 0);
  return (
    lines.some((line) => tooMuch(line.ops.map(piece), walking(line.walks))) ||
    groups.some(({ blocks, outside }) =>
      tooMuch([...blocks.map(coats), ...outside.map(piece)], walking(blocks[0]!.walks)),
    )
  );
};

/**
 * A proof that the home cannot be handed over by a time, or none: windows narrowed until nothing
 * changes, then energy over all cleaners and over every line.
 */
export const refuter = (ops: Ops) => {
  const lines = linesOf(ops);
  const groups = groupsOf(blocksOf(ops, lines));
  const shrink = narrow(ops, lines);
  const ends = smallest(ops.to.map((to) => -to)).map((sum) => -sum);
  const all = Array.from({ length: ops.n }, (_, j) => j);
  const load: Load = { least: leastWalking(ops), begins: smallest(ops.from), ends };
  return (done: number): boolean => {
    if (ops.n === 0) return false;
    if (ops.cleaners === 0 || ops.sorted.length < ops.n) return true;
    const windows = openWindows(ops, done);
    if (!shrink(windows)) return true;
    return (
      overloaded(ops, all, load, windows) ||
      linesOverloaded(ops, { lines, groups }, load.least, windows)
    );
  };
};

/**
 * The soonest handing over that is not refuted, between a time that is known to be too early and
 * one that is known to do (half-open below: what comes back is proven as a lower bound).
 */
export const lowestNotRefuted = (
  refuted: (done: number) => boolean,
  [tooEarly, does]: [number, number],
): number => {
  let [low, high] = [tooEarly, does];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (refuted(middle)) low = middle;
    else high = middle;
  }
  return high;
};
