import type { Added } from './addArcs.ts';
import { latestOpen, soonestOpen } from './openHours.ts';
import { FOREVER, type Ops } from './ops.ts';

/** Between which starts every operation must lie if the home is to be handed over by a time. */
export interface Windows {
  soonest: Int32Array;
  latest: Int32Array;
}

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

/** As wide as hours and tails let them be. */
export const openWindows = (ops: Ops, done: number): Windows => {
  const first = ops.cleaners > 0 ? Math.min(...ops.from) : FOREVER;
  const soonest = new Int32Array(ops.n).fill(first);
  const latest = Int32Array.from(ops.tails, (tail, j) =>
    Math.min(done - tail, Math.max(...ops.to) - ops.work[j]!),
  );
  return { soonest, latest };
};

/** Whether an operation is already given to a cleaner: by operation, not less than 0. */
export type Given = Int8Array;

const orNever = (t: number): number => (t < 0 ? FOREVER : t);

/** Whether any room is open otherwise than once, from the beginning to the end of all hours. */
const shutsBetween = ({ rooms, openFirst, openFrom, openTo, from, to }: Ops): boolean => {
  for (let r = 0; r < rooms; r += 1) {
    const s = openFirst[r]!;
    if (openFirst[r + 1]! !== s + 1) return true;
    if (openFrom[s]! > Math.min(...from) || openTo[s]! < Math.max(...to)) return true;
  }
  return false;
};

/**
 * Narrows windows until nothing changes: arcs, hours, pairs kept apart and lines, two by two.
 * Windows only ever shrink, and only by what every plan keeps to.
 */
export const narrow = (
  ops: Ops,
  lines: readonly Line[],
  search?: { added: Added; given: Given },
) => {
  const added = search?.added;
  const given = search?.given;
  const { n, least, most, next, apart, apartLast, work, room, rooms, walk, sorted } = ops;
  const openHours = shutsBetween(ops);
  let soonest: Int32Array;
  let latest: Int32Array;
  let changed = false;

  const later = (j: number, t: number) => {
    if (t <= soonest[j]!) return;
    soonest[j] = t;
    changed = true;
  };
  const sooner = (j: number, t: number) => {
    if (t >= latest[j]!) return;
    latest[j] = t;
    changed = true;
  };
  /** start[j] ≥ start[i] + lag. */
  const follows = (i: number, j: number, lag: number) => {
    later(j, soonest[i]! + lag);
    sooner(i, latest[j]! - lag);
  };
  const count = sorted.length;
  const forwards = () => {
    for (let k = 0; k < count; k += 1) {
      const j = sorted[k]!;
      let t = soonest[j]!;
      for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1) {
        const after = soonest[least.op[a]!]! + least.lag[a]!;
        if (after > t) t = after;
      }
      later(j, openHours ? orNever(soonestOpen(ops, j, t)) : t);
      for (let a = most.first[j]!; a < most.first[j + 1]!; a += 1)
        later(most.op[a]!, soonest[j]! - most.lag[a]!);
    }
  };
  const backwards = () => {
    for (let k = count - 1; k >= 0; k -= 1) {
      const j = sorted[k]!;
      let t = latest[j]!;
      for (let a = next.first[j]!; a < next.first[j + 1]!; a += 1) {
        const before = latest[next.op[a]!]! - next.lag[a]!;
        if (before < t) t = before;
      }
      for (let a = most.first[j]!; a < most.first[j + 1]!; a += 1) {
        const before = latest[most.op[a]!]! + most.lag[a]!;
        if (before < t) t = before;
      }
      sooner(j, openHours ? latestOpen(ops, j, t) : t);
    }
  };
  const byAdded = () => {
    if (!added) return;
    for (let a = 0; a < added.from.length; a += 1)
      follows(added.from[a]!, added.to[a]!, added.lag[a]!);
  };
  /** Where one order of a pair kept apart is out of question, the other holds. */
  const byApart = () => {
    for (let j = 0; j < n; j += 1)
      for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1) {
        const [other, last, lag] = [apart.op[a]!, apartLast[a]!, apart.lag[a]!];
        if (soonest[last]! + lag <= latest[j]!) continue;
        for (let b = apart.first[other]!; b < apart.first[other + 1]!; b += 1)
          if (apart.op[b] === j) follows(apartLast[b]!, other, apart.lag[b]!);
      }
  };
  const byLine = ({ ops: all, walks }: Line) => {
    // What one cleaner was given stands in order already.
    const own = walks && given ? all.filter((j) => given[j]! < 0) : all;
    for (let a = 0; a < own.length; a += 1)
      for (let b = a + 1; b < own.length; b += 1) {
        const i = own[a]!;
        const j = own[b]!;
        const between = walks ? walk[room[i]! * rooms + room[j]!]! : 0;
        const ij = work[i]! + between;
        const ji = work[j]! + between;
        if (soonest[i]! + ij > latest[j]!) follows(j, i, ji);
        if (soonest[j]! + ji > latest[i]!) follows(i, j, ij);
      }
  };
  const empty = () => {
    for (let j = 0; j < n; j += 1) if (soonest[j]! > latest[j]!) return true;
    return false;
  };

  /** False where some operation has no start left. */
  return (windows: Windows): boolean => {
    ({ soonest, latest } = windows);
    do {
      changed = false;
      forwards();
      byAdded();
      backwards();
      if (empty()) return false;
      byApart();
      for (const line of lines) byLine(line);
      if (empty()) return false;
    } while (changed);
    return true;
  };
};
