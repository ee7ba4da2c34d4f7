import type { Memory } from './memory.ts';
import type { Ops } from './ops.ts';
import type { Orders } from './orders.ts';
import type { PlanCost } from './problem.ts';

/** An order of work laid out in time. */
export interface Laid extends PlanCost {
  /** Start by operation, s. */
  start: Int32Array;
  /** How many seconds it breaks hours, longest gaps or pairs kept apart; 0 where it is valid. */
  broken: number;
}

/** What a laid out order costs. What comes back is one object, written over by the next call. */
export const sumUp = (ops: Ops, { start, broken, freeAt }: Memory) => {
  const { n, cleaners, rooms, room, walk, over } = ops;
  const laid: Laid = { start, done: 0, paid: 0, walked: 0, broken: 0 };
  const where = new Int32Array(cleaners);
  return ({ order, who }: Orders): Laid => {
    laid.done = laid.paid = laid.walked = laid.broken = 0;
    where.fill(-1);
    for (let k = 0; k < n; k += 1) {
      const j = order[k]!;
      const c = who[j]!;
      const through = start[j]! + over[j]!;
      if (through > laid.done) laid.done = through;
      laid.broken += broken[j]!;
      if (where[c]! < 0) laid.paid -= start[j]!;
      else laid.walked += walk[where[c]! * rooms + room[j]!]!;
      where[c] = room[j]!;
    }
    for (let c = 0; c < cleaners; c += 1) if (where[c]! >= 0) laid.paid += freeAt[c]!;
    return laid;
  };
};
