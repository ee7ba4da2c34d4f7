import type { Laid } from './sumUp.ts';
import type { Orders } from './orders.ts';
import type { PlanCost } from './problem.ts';

/** An order of work, laid out. */
export interface Found extends PlanCost {
  orders: Orders;
  /** Start by operation, s. */
  start: Int32Array;
  broken: number;
}

/** Paid time and walking count little while searching: they lead where many orders take as long. */
const PAID = 0.1;
const WALKED = 0.6;
/** What a broken rule costs, and each second of it. */
const BROKEN = 300;
const BROKEN_SECOND = 2;

/** One figure that a search lowers, s. */
export const costOf = ({ done, paid, walked, broken }: Laid | Found, cleaners: number): number =>
  done +
  (PAID * paid) / cleaners +
  WALKED * walked +
  (broken > 0 ? BROKEN + BROKEN_SECOND * broken : 0);

/** When an order must be done to cost no more than allowed, if so much is paid and walked, s. */
export const latestFor = (
  allowed: number,
  { paid, walked }: { paid: number; walked: number },
  cleaners: number,
): number => allowed - (PAID * paid) / cleaners - WALKED * walked;

type Compared = PlanCost & { broken: number };

/** Valid before broken, then by the order in which costs count; less than 0 where a is better. */
export const compare = (a: Compared, b: Compared): number =>
  a.broken - b.broken || a.done - b.done || a.paid - b.paid || a.walked - b.walked;

export const copyOf = ({ order, who }: Orders): Orders => ({
  order: order.slice(),
  who: who.slice(),
});

/** What was laid out, kept. */
export const kept = (orders: Orders, { done, paid, walked, broken, start }: Laid): Found => ({
  orders: copyOf(orders),
  start: start.slice(),
  done,
  paid,
  walked,
  broken,
});
