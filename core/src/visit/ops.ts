import type { VisitProblem } from './problem.ts';

/** Arcs by operation: those of j are from `first[j]` to `first[j + 1]`. */
export interface Arcs {
  first: Int32Array;
  op: Int32Array;
  lag: Int32Array;
}

/** One hands-on piece of work: a step, or one re-wet of a hold. */
export interface Op {
  treatment: number;
  step: number;
  kind: 'clean' | 'apply' | 'rewet' | 'after';
  work: number;
}

/** A problem in the shape in which it is searched: operations, and arcs between their starts. */
export interface Ops {
  problem: VisitProblem;
  list: Op[];
  n: number;
  cleaners: number;
  from: Int32Array;
  to: Int32Array;
  rooms: number;
  /** rooms × rooms, s. */
  walk: Int32Array;
  /** The same by the shortest way, also by way of other rooms. */
  ways: Int32Array;
  /** Most cleaners at once, by room; `cleaners` where nothing binds. */
  atOnce: Int32Array;
  openFirst: Int32Array;
  openFrom: Int32Array;
  openTo: Int32Array;
  work: Int32Array;
  room: Int32Array;
  treatment: Int32Array;
  /** start[j] ≥ start[op] + lag. */
  least: Arcs;
  /** start[j] ≤ start[op] + lag. */
  most: Arcs;
  /** The same as `least`, seen from the earlier operation. */
  next: Arcs;
  /** For an apply: the other's apply (op), and how long after the start of the other's last (lag). */
  apart: Arcs;
  apartLast: Int32Array;
  /** From the start of j to what it leaves wet or done, s. */
  over: Int32Array;
  /** From the start of j until the home can be handed over, at least, s. */
  tails: Int32Array;
  /** Operations so that none comes before what it waits for; shorter than n if they wait in a circle. */
  sorted: number[];
}

/** Longer than any visit, and small enough for sums of three in 32 bits. */
export const FOREVER = 500_000_000;
export const clip = (seconds: number) => Math.min(seconds, FOREVER);

export interface Arc {
  from: number;
  to: number;
  lag: number;
}

export const arcsBy = (n: number, arcs: Arc[], by: 'from' | 'to'): Arcs => {
  const other = by === 'from' ? 'to' : 'from';
  const first = new Int32Array(n + 1);
  for (const arc of arcs) first[arc[by] + 1]! += 1;
  for (let j = 0; j < n; j += 1) first[j + 1]! += first[j]!;
  const at = first.slice();
  const op = new Int32Array(arcs.length);
  const lag = new Int32Array(arcs.length);
  for (const arc of arcs) {
    const k = at[arc[by]]!++;
    op[k] = arc[other];
    lag[k] = arc.lag;
  }
  return { first, op, lag };
};
