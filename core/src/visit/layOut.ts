import type { Ahead } from './ahead.ts';
import type { Fixed } from './fixed.ts';
import { holdBack } from './holdBack.ts';
import { APART, checksOf, FULL, GAP, memory, type Memory } from './memory.ts';
import type { Orders } from './orders.ts';
import { sumUp, type Laid } from './sumUp.ts';
import type { Ops } from './ops.ts';

/** An order that is laid out elsewhere. */
interface Other {
  held: Memory;
  orders: Orders;
}

/** From which place on an order differs, and when it must be done to be of use. */
interface Change {
  from: number;
  latest: number;
  ahead: Ahead;
}

/** How often one beginning is moved later before its gap counts as broken. */
const MOST_MENDS = 3;

/**
 * Lays orders of work out: every operation as early as the order, the cleaners, the rooms and the
 * gaps let it. Where a longest gap is overrun, what opened it is moved later and all that follows
 * laid anew. What is returned is one object, written over by the next call.
 */
export const layOut = (ops: Ops, fixed?: Fixed) => {
  const { n, rooms, work, room, walk, from, to } = ops;
  const { least, most } = ops;
  const held = memory(ops);
  const { start, notBefore, askedBy, mendsLeft, broken, place } = held;
  const { slotOf, wasFree, wasWhere, wasSlot, freeAt, where, slots } = held;
  const checks = checksOf(ops);
  const { keptApart, inRoom, whenOpen } = holdBack(ops, held);
  const sum = sumUp(ops, held);
  const floor = fixed ? fixed.now : 0;

  const clear = () => {
    notBefore.fill(floor);
    place.fill(n);
    mendsLeft.fill(MOST_MENDS);
    freeAt.set(from);
    where.fill(-1);
    slots.fill(0);
  };

  /** The soonest start that what is before j in the order and in its treatment allows. */
  const soonest = (j: number, c: number): number => {
    let t = notBefore[j]!;
    for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1) {
      const after = start[least.op[a]!]! + least.lag[a]!;
      if (after > t) t = after;
    }
    const at = where[c]!;
    const free = at < 0 ? freeAt[c]! : freeAt[c]! + walk[at * rooms + room[j]!]!;
    return free > t ? free : t;
  };

  /** The first longest gap that a start at t overruns: which must begin later, and when; or -1. */
  let beginsAt = 0;
  const overrun = (j: number, t: number): number => {
    for (let a = most.first[j]!; a < most.first[j + 1]!; a += 1) {
      const i = most.op[a]!;
      const wanted = t - most.lag[a]!;
      if (wanted <= start[i]!) continue;
      if (mendsLeft[i]! > 0 && !(fixed && fixed.start[i]! >= 0)) {
        beginsAt = wanted;
        return i;
      }
      broken[j]! += wanted - start[i]!;
    }
    return -1;
  };

  const take = (j: number, c: number, k: number, t: number) => {
    const end = t + work[j]!;
    wasFree[k] = freeAt[c]!;
    wasWhere[k] = where[c]!;
    const slot = slotOf[j]!;
    if (slot >= 0) {
      wasSlot[k] = slots[slot]!;
      slots[slot] = end;
    }
    freeAt[c] = end;
    where[c] = room[j]!;
    start[j] = t;
    place[j] = k;
    if (end > to[c]!) broken[j]! += end - to[c]!;
  };

  /** Takes back everything from place k on, the last being before `end`. */
  const backTo = ({ order, who }: Orders, k: number, end: number) => {
    for (let back = end - 1; back >= k; back -= 1) {
      const j = order[back]!;
      const c = who[j]!;
      freeAt[c] = wasFree[back]!;
      where[c] = wasWhere[back]!;
      if (slotOf[j]! >= 0) slots[slotOf[j]!] = wasSlot[back]!;
      place[j] = n;
    }
  };

  /** When j begins if it comes next. */
  const startOf = (j: number, c: number, k: number): number => {
    broken[j] = 0;
    slotOf[j] = -1;
    const check = checks[j]!;
    const known = fixed ? fixed.start[j]! : -1;
    let t = known >= 0 ? known : soonest(j, c);
    if (check & APART && known < 0) t = keptApart(j, k, t);
    if (check & FULL) t = inRoom(j, t);
    return known >= 0 ? known : whenOpen(j, t);
  };

  /** Lays everything from place k on; nothing comes back where `within` is sure not to be met. */
  const layFrom = (orders: Orders, first: number, within?: Change): Laid | undefined => {
    const { order, who } = orders;
    const strict = within !== undefined && within.latest < Infinity;
    let k = first;
    while (k < n) {
      const j = order[k]!;
      const c = who[j]!;
      const t = startOf(j, c, k);
      if (strict && t + within.ahead.least[j]! > within.latest) return undefined;
      const opener = checks[j]! & GAP && !(fixed && fixed.start[j]! >= 0) ? overrun(j, t) : -1;
      if (opener < 0) {
        take(j, c, k, t);
        if (strict && broken[j]! > 0) return undefined;
        k += 1;
        continue;
      }
      mendsLeft[opener]! -= 1;
      notBefore[opener] = beginsAt;
      askedBy[opener] = j;
      const again = place[opener]!;
      backTo(orders, again, k);
      k = again;
    }
    return sum(orders);
  };

  /** The first place from which what `other` holds must be laid anew if it changes from k on. */
  const keeps = (other: Memory, order: Int32Array, k: number): number => {
    let first = k;
    for (let p = k - 1; p >= 0; p -= 1) {
      const i = order[p]!;
      if (other.notBefore[i]! > floor && other.place[other.askedBy[i]!]! >= first) first = p;
    }
    return first;
  };

  return {
    held,
    /** `order` has every operation once, none before what it waits for; `who` the cleaner of each. */
    lay: (order: Int32Array, who: Int8Array): Laid => {
      clear();
      return layFrom({ order, who }, 0)!;
    },
    /**
     * The same for an order that differs from one that is laid out elsewhere. Nothing comes back
     * where it is sure to be done too late, or breaks a rule though a time is given.
     */
    layLike: (other: Other, orders: Orders, change: Change): Laid | undefined => {
      const first = keeps(other.held, other.orders.order, change.from);
      held.all.set(other.held.all);
      backTo(other.orders, first, n);
      for (let p = first; p < n; p += 1) {
        const j = other.orders.order[p]!;
        notBefore[j] = floor;
        mendsLeft[j] = MOST_MENDS;
      }
      return layFrom(orders, first, change);
    },
  };
};

export type LayOut = ReturnType<typeof layOut>;
