import { lookAhead } from './ahead.ts';
import { compare, copyOf, costOf, kept, latestFor, type Found } from './found.ts';
import type { Fixed } from './fixed.ts';
import { layOut } from './layOut.ts';
import { moves } from './moves.ts';
import type { Ops } from './ops.ts';
import type { Orders } from './orders.ts';

/** First and last temperature of a cycle as shares of what is done. */
const HOT = 0.0015;
const COLD = 0.0002;

/**
 * Simulated annealing over orders of work. What the draw allows is known before a change is laid
 * out, so that most changes are given up on the way.
 */
export const annealer = (ops: Ops, next: () => number, fixed?: Fixed) => {
  let own = layOut(ops, fixed);
  let other = layOut(ops, fixed);
  const propose = moves(ops, next, fixed);
  const look = lookAhead(ops, fixed);
  let current: Orders = { order: new Int32Array(ops.n), who: new Int8Array(ops.n) };
  let candidate = copyOf(current);
  let best: Found;
  let cost = 0;
  let isBroken = false;
  let into = 0;
  let cycle = 1;

  return {
    /** Begins a cycle of so many steps. */
    begin: (from: Found, length: number): void => {
      current = copyOf(from.orders);
      own.lay(current.order, current.who);
      best = from;
      cost = costOf(from, ops.cleaners);
      isBroken = from.broken > 0;
      into = 0;
      cycle = length;
    },
    /** One change tried; false where the cycle is over. */
    step: (): boolean => {
      if (into >= cycle) return false;
      const heat = best.done * HOT * (COLD / HOT) ** (into / cycle) + 0.05;
      into += 1;
      const k = propose(current, candidate);
      if (k < 0) return true;
      const allowed = cost - heat * Math.log(next() + 1e-12);
      const ahead = look(candidate);
      const latest = isBroken ? Infinity : latestFor(allowed, ahead, ops.cleaners);
      const change = { from: k, latest, ahead };
      const laid = other.layLike({ held: own.held, orders: current }, candidate, change);
      if (!laid) return true;
      const tried = costOf(laid, ops.cleaners);
      if (tried > allowed) return true;
      [current, candidate] = [candidate, current];
      [own, other] = [other, own];
      cost = tried;
      isBroken = laid.broken > 0;
      if (compare(laid, best) < 0) best = kept(current, laid);
      return true;
    },
    /** The best of this cycle. */
    best: (): Found => best,
  };
};
