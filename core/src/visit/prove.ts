import { addArcs } from './addArcs.ts';
import { blocksOf, groupsOf } from './blocks.ts';
import { linesOverloaded, overloaded, smallest } from './bound.ts';
import { meeting } from './meeting.ts';
import { freeOps } from './delays.ts';
import type { Ops } from './ops.ts';
import { givenOut } from './givenOut.ts';
import { seenStates, type State } from './seenStates.ts';
import { leastWalking, wayBetween } from './walks.ts';
import { linesOf } from './lines.ts';
import { orNever, soonestOpen } from './openHours.ts';
import { copyWindows, narrow, openWindows, windowStack, type Windows } from './windows.ts';

/** A plan that is done in time, the proof that there is none, or neither within the nodes given. */
export type Proof =
  { is: 'found'; start: Int32Array; who: Int8Array } | { is: 'refuted' } | { is: 'open' };

/** How long a search may take: nodes left, and whether it was called off. */
export interface Effort {
  nodes: number;
  goOn: () => boolean;
}

/**
 * Looks through all sequences of every cleaner for a plan done by a time (depth first). Starts stay
 * windows until the end, so that longest gaps can hold back what opens them. At each node the
 * cleaner who is free first gets each possible next operation, or none any more; windows are
 * narrowed, and work that no longer fits is refuted by energy. What is left open between complete
 * sequences (rooms that are too full, pairs kept apart) is ordered two by two.
 */
export const prove = (ops: Ops, done: number, effort: Effort): Proof => {
  const { n, cleaners, work, room, rooms, walk } = ops;
  if (ops.sorted.length < n || (n > 0 && cleaners === 0)) return { is: 'refuted' };
  const { added, follow, unfollow } = addArcs();
  const who = new Int8Array(n).fill(-1);
  const { given, waitsForNone, isNext, pairArcs, openers, settled } = givenOut(ops, who);
  const lines = linesOf(ops);
  const groups = groupsOf(blocksOf(ops, lines));
  const shrink = narrow(ops, lines, { added, given: who });
  const least = leastWalking(ops);
  const last = new Int32Array(cleaners).fill(-1);
  const closed = new Uint8Array(cleaners);
  const seenBetter = seenStates(ops);
  const sequence: number[] = [];
  const windowsAt = windowStack(n);
  const alike = (a: number, b: number) => ops.from[a] === ops.from[b] && ops.to[a] === ops.to[b];
  let answer: Proof = { is: 'refuted' };
  const freeAt = ({ soonest }: Windows, c: number): number =>
    last[c]! < 0 ? ops.from[c]! : soonest[last[c]!]! + work[last[c]!]!;
  const between = (i: number, j: number) => walk[room[i]! * rooms + room[j]!]!;
  /** What is not yet given to anybody begins only when somebody can be there. */
  const behindSomebody = (windows: Windows, left: number[]): boolean => {
    const { soonest, latest } = windows;
    for (const j of left) {
      let t = Infinity;
      for (let c = 0; c < cleaners; c += 1) {
        if (closed[c]) continue;
        const at = freeAt(windows, c) + (last[c]! < 0 ? 0 : wayBetween(ops, last[c]!, j));
        if (at < t) t = at;
      }
      if (t > soonest[j]!) soonest[j] = Math.min(t, 1 << 30);
      if (soonest[j]! > latest[j]!) return false;
    }
    return true;
  };

  const holds = (windows: Windows, left: number[]): boolean => {
    if (!shrink(windows)) return false;
    if (left.length === 0) return true;
    if (!behindSomebody(windows, left) || !shrink(windows)) return false;
    const open = [...closed.keys()].filter((c) => !closed[c]);
    if (open.length === 0) return false;
    const ends = smallest(open.map((c) => -ops.to[c]!)).map((sum) => -sum);
    const begins = smallest(open.map((c) => freeAt(windows, c)));
    const ahead = groups.filter(({ blocks }) => blocks.every(({ apply }) => !given(apply)));
    return (
      !overloaded(ops, left, { least, begins, ends }, windows) &&
      !linesOverloaded(ops, { lines: [], groups: ahead }, least, windows)
    );
  };

  const isFree = freeOps(ops);
  // By a detour that is shorter, what is done on the way could not be done first.
  const isDirect = ops.ways.every((way, k) => way === walk[k]);
  /** Whether some other operation could be done by the same cleaner first without delaying j. */
  const leavesGap = (j: number, left: number[], soon: (x: number) => number): boolean =>
    left.some(
      (x) =>
        x !== j &&
        isFree[x] === 1 &&
        waitsForNone(x) &&
        soon(x) + work[x]! + between(x, j) <= soon(j),
    );

  const stateOf = (windows: Windows, left: number[]): State => ({
    left,
    soonest: windows.soonest,
    cleaners: [...closed].map((shut, c) =>
      shut ? undefined : { freeAt: freeAt(windows, c), room: last[c]! < 0 ? -1 : room[last[c]!]! },
    ),
    sequence,
    openers: openers(),
  });

  const order = (windows: Windows, depth: number): boolean => {
    const ways = meeting(ops, windows);
    if (!ways) {
      answer = { is: 'found', start: windows.soonest.slice(), who: who.slice() };
      return true;
    }
    return ways.some(([from, to, lag]) => {
      const inside = windowsAt(depth + 1);
      copyWindows(windows, inside);
      const arcs = added.from.length;
      follow(from, to, lag);
      const found = spend() && shrink(inside) && order(inside, depth + 1);
      unfollow(arcs);
      return found;
    });
  };

  const spend = (): boolean => {
    effort.nodes -= 1;
    if (effort.nodes > 0 && (effort.nodes % 64 !== 0 || effort.goOn())) return true;
    answer = { is: 'open' };
    return false;
  };

  /** Of several who are alike and have done nothing yet only the first begins. */
  const isTwin = (c: number): boolean => {
    for (let d = 0; d < c; d += 1)
      if (last[c]! < 0 && last[d]! < 0 && !closed[d] && alike(c, d)) return true;
    return false;
  };

  const nextCleaner = (windows: Windows): number => {
    let best = -1;
    for (let c = 0; c < cleaners; c += 1)
      if (!closed[c] && !isTwin(c))
        if (best < 0 || freeAt(windows, c) < freeAt(windows, best)) best = c;
    return best;
  };

  const branch = (windows: Windows, left: number[], depth: number): boolean => {
    if (left.length === 0) return order(windows, depth);
    const c = nextCleaner(windows);
    if (c < 0) return false;
    const soon = (j: number) => {
      const there = freeAt(windows, c) + (last[c]! < 0 ? 0 : between(last[c]!, j));
      return orNever(soonestOpen(ops, j, Math.max(windows.soonest[j]!, there)));
    };
    const inside = windowsAt(depth + 1);
    const final = isDirect && settled();
    const candidates = left
      .filter((j) => soon(j) <= windows.latest[j]!)
      .filter((j) => cleaners > 1 || isNext(j))
      .filter((j) => !final || !leavesGap(j, left, soon))
      .sort((a, b) => soon(a) - soon(b) || windows.latest[a]! - windows.latest[b]!);
    const before = last[c]!;
    for (const j of candidates) {
      if (!spend()) return false;
      copyWindows(windows, inside);
      inside.soonest[j] = soon(j);
      inside.latest[j] = Math.min(inside.latest[j]!, ops.to[c]! - work[j]!);
      const arcs = added.from.length;
      if (before >= 0) follow(before, j, work[before]! + between(before, j));
      if (cleaners === 1) for (const arc of pairArcs(j)) follow(...arc);
      who[j] = c;
      last[c] = j;
      sequence.push(j);
      const rest = left.filter((x) => x !== j);
      const found =
        holds(inside, rest) &&
        !seenBetter(stateOf(inside, rest)) &&
        branch(inside, rest, depth + 1);
      who[j] = -1;
      sequence.pop();
      last[c] = before;
      unfollow(arcs);
      if (found) return true;
      if (answer.is === 'open') return false;
    }
    if (cleaners === 1) return false;
    closed[c] = 1;
    copyWindows(windows, inside);
    const found = holds(inside, left) && branch(inside, left, depth + 1);
    closed[c] = 0;
    return found;
  };

  const root = windowsAt(0);
  copyWindows(openWindows(ops, done), root);
  const all = Array.from({ length: n }, (_, j) => j);
  if (holds(root, all)) branch(root, all, 0);
  return answer;
};
