import type { Fixed } from './fixed.ts';
import type { Ops } from './ops.ts';
import type { Orders } from './orders.ts';

/** What an order of work is sure to cost, whatever the times come to. */
export interface Ahead {
  /** From the start of each operation until the home can be handed over, at least, s. */
  least: Int32Array;
  /** Paid at least, s. */
  paid: number;
  /** All walking, s: exact, for it hangs on the order alone. */
  walked: number;
}

/**
 * Looks ahead of an order of work before it is laid out: each cleaner must still do and walk all
 * that comes behind. What is fixed in time need not have kept to that, and is left out. What comes
 * back is one object, written over by the next call.
 */
export const lookAhead = (ops: Ops, fixed?: Fixed) => {
  const { n, cleaners, rooms, work, room, walk, tails } = ops;
  const ahead: Ahead = { least: tails.slice(), paid: 0, walked: 0 };
  const { least } = ahead;
  const behind = new Int32Array(cleaners);
  const allWork = work.reduce((sum, seconds) => sum + seconds, 0);
  return ({ order, who }: Orders): Ahead => {
    ahead.walked = 0;
    behind.fill(-1);
    for (let k = n - 1; k >= 0; k -= 1) {
      const j = order[k]!;
      const c = who[j]!;
      const x = behind[c]!;
      behind[c] = j;
      if (x < 0) {
        least[j] = tails[j]!;
        continue;
      }
      const steps = walk[room[j]! * rooms + room[x]!]!;
      ahead.walked += steps;
      const through = work[j]! + steps + least[x]!;
      const isFixed = fixed !== undefined && fixed.start[j]! >= 0;
      least[j] = through > tails[j]! && !isFixed ? through : tails[j]!;
    }
    ahead.paid = fixed ? 0 : allWork + ahead.walked;
    return ahead;
  };
};
