import type { Ops } from './ops.ts';

/** Rooms of which all orders of visiting are looked at; above it, a tree that joins them. */
const MOST_BY_ORDER = 10;

/** Length of the tree of least walking that joins these rooms, and its edges, longest first, s. */
const treeEdges = ({ rooms, walk }: Ops, mask: number): number[] => {
  const left: number[] = [];
  for (let r = 0; r < rooms; r += 1) if (mask & (1 << r)) left.push(r);
  const first = left.pop();
  if (first === undefined) return [];
  const nearest = new Map(left.map((r) => [r, walk[first * rooms + r]!]));
  const edges: number[] = [];
  while (nearest.size > 0) {
    const [room, length] = [...nearest].reduce((a, b) => (b[1] < a[1] ? b : a));
    nearest.delete(room);
    edges.push(length);
    for (const [other, known] of nearest)
      nearest.set(other, Math.min(known, walk[room * rooms + other]!));
  }
  return edges.sort((a, b) => b - a);
};

/** Shortest ways between rooms, also by way of others: rooms × rooms, s. */
export const shortestWays = (rooms: number, walk: Int32Array): Int32Array => {
  const ways = walk.slice();
  for (let k = 0; k < rooms; k += 1)
    for (let i = 0; i < rooms; i += 1)
      for (let j = 0; j < rooms; j += 1) {
        const by = ways[i * rooms + k]! + ways[k * rooms + j]!;
        if (by < ways[i * rooms + j]!) ways[i * rooms + j] = by;
      }
  return ways;
};

/** How far it is at least from one operation to another, whatever is done between them, s. */
export const wayBetween = ({ ways, room, rooms }: Ops, i: number, j: number): number =>
  ways[room[i]! * rooms + room[j]!]!;

/** For every set of rooms and last room, the shortest way that comes through all of them, s. */
const pathsBySet = ({ rooms, walk }: Ops): Float64Array => {
  const ends = new Float64Array((1 << rooms) * rooms).fill(Infinity);
  for (let r = 0; r < rooms; r += 1) ends[(1 << r) * rooms + r] = 0;
  for (let mask = 1; mask < 1 << rooms; mask += 1)
    for (let last = 0; last < rooms; last += 1) {
      const so = ends[mask * rooms + last]!;
      if (so === Infinity) continue;
      for (let r = 0; r < rooms; r += 1) {
        if (mask & (1 << r)) continue;
        const at = (mask | (1 << r)) * rooms + r;
        ends[at] = Math.min(ends[at]!, so + walk[last * rooms + r]!);
      }
    }
  const best = new Float64Array(1 << rooms);
  for (let mask = 1; mask < 1 << rooms; mask += 1)
    best[mask] = Math.min(...ends.subarray(mask * rooms, (mask + 1) * rooms));
  return best;
};

/** Rooms that bits stand for; in a home with more no walking is counted. */
const BITS = 32;

/**
 * Least walking of `cleaners` people who together come into every room of a set (bits by room), s:
 * the shortest way for one, a tree without its longest edges for more. Ways by other rooms are
 * allowed, so that it is never too much.
 */
export const leastWalking = (ops: Ops): ((mask: number, cleaners: number) => number) => {
  if (ops.rooms > BITS) return () => 0;
  const direct: Ops = { ...ops, walk: ops.ways };
  const paths = ops.rooms <= MOST_BY_ORDER ? pathsBySet(direct) : undefined;
  const trees = new Map<number, number[]>();
  return (mask, cleaners) => {
    if (cleaners === 1 && paths) return paths[mask]!;
    let edges = trees.get(mask);
    if (!edges) trees.set(mask, (edges = treeEdges(direct, mask)));
    let sum = 0;
    for (let e = cleaners - 1; e < edges.length; e += 1) sum += edges[e]!;
    return sum;
  };
};
