import type { Added } from './addArcs.ts';
import { blocksOf, type Block } from './blocks.ts';
import { openPairs, type Line } from './lines.ts';
import { latestOpen, orNever, shutsBetween, soonestOpen } from './openHours.ts';
import { wayBetween } from './walks.ts';
import { FOREVER, type Ops } from './ops.ts';

/** Between which starts every operation must lie if the home is to be handed over by a time. */
export interface Windows {
  soonest: Int32Array;
  latest: Int32Array;
}

export const copyWindows = (from: Windows, to: Windows): void => {
  to.soonest.set(from.soonest);
  to.latest.set(from.latest);
};

/** Windows of n operations by the depth of a search, made when first asked for. */
export const windowStack = (n: number) => {
  const stack: Windows[] = [];
  return (depth: number): Windows =>
    (stack[depth] ??= { soonest: new Int32Array(n), latest: new Int32Array(n) });
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
  const { n, least, most, next, apart, apartLast, work, sorted } = ops;
  const openHours = shutsBetween(ops);
  const blocks = blocksOf(ops, lines);
  const alone = given !== undefined && ops.cleaners === 1;
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
        // One cleaner alone comes to what was not given yet after all that was.
        if (alone && given![other]! >= 0 && given![j]! < 0) follows(last, j, lag);
        if (soonest[last]! + lag <= latest[j]!) continue;
        for (let b = apart.first[other]!; b < apart.first[other + 1]!; b += 1)
          if (apart.op[b] === j) follows(apartLast[b]!, other, apart.lag[b]!);
      }
  };
  const pairs = lines.flatMap((line) => openPairs(ops, line));
  let open = pairs;
  const byPairs = () => {
    for (const { i, j, ij, ji } of open) {
      if (soonest[i]! + ij > latest[j]!) follows(j, i, ji);
      if (soonest[j]! + ji > latest[i]!) follows(i, j, ij);
    }
  };
  /** What fits between no two coats comes before the first or after the last. */
  const byBlock = ({ apply, last, span, walks, others }: Block) => {
    for (const j of others) {
      const between = walks ? wayBetween(ops, j, apply) : 0;
      const before = work[j]! + between;
      const after = work[last]! + between;
      const begun = walks && given && given[apply]! >= 0 && given[j]! < 0;
      if (begun || soonest[j]! + before > latest[apply]!) {
        follows(apply, j, span + between);
        follows(last, j, after);
      } else if (
        soonest[apply]! + span + between > latest[j]! ||
        soonest[last]! + after > latest[j]!
      )
        follows(j, apply, before);
    }
  };
  const empty = () => {
    for (let j = 0; j < n; j += 1) if (soonest[j]! > latest[j]!) return true;
    return false;
  };

  /** False where some operation has no start left. */
  return (windows: Windows): boolean => {
    ({ soonest, latest } = windows);
    // What one cleaner was given stands in order already.
    if (given) open = pairs.filter(({ i, j, walks }) => !walks || (given[i]! < 0 && given[j]! < 0));
    do {
      changed = false;
      forwards();
      byAdded();
      backwards();
      if (empty()) return false;
      byApart();
      byPairs();
      for (const block of blocks) byBlock(block);
      if (empty()) return false;
    } while (changed);
    return true;
  };
};
