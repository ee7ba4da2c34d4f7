import { soonestOpen } from './openHours.ts';
import type { Ops } from './ops.ts';
import type { Orders } from './orders.ts';
import type { Rule } from './rules.ts';

/** Added where a choice would break something, above any other sum. */
const BREAKS_PAIR = 1_000_000;
const BREAKS_HOURS = 50_000;
const BREAKS_GAP = 20_000;

/**
 * Plans by rules: again and again, of all that could be begun the one that the rule puts first. The
 * times are rough (gaps and full rooms are left to the laying out); the order is what is used.
 */
export const dispatcher = (ops: Ops) => {
  const { n, cleaners, rooms, work, room, tails, walk, least, next: after, most, apart } = ops;
  const freeAt = new Float64Array(cleaners);
  const where = new Int32Array(cleaners);
  /** When each place of a room that holds only so many is free again. */
  const slots = new Float64Array(rooms * cleaners);
  const ready = new Int32Array(n);
  const waits = new Int32Array(n);
  const laid = new Uint8Array(n);
  const chance = new Float64Array(n);
  /** What could be begun: the first `openCount` of it. */
  const open = new Int32Array(n);
  let openCount = 0;
  /** Later ends of open gaps, by when they must begin, and who could be there in time. */
  const due: number[] = [];
  const dueBy = new Float64Array(n);
  const reachedBy = new Int32Array(n);
  const isDue = new Uint8Array(n);

  const walkTo = (c: number, j: number): number =>
    where[c]! < 0 ? 0 : walk[where[c]! * rooms + room[j]!]!;

  /** Where the room is free again soonest, among as many places as it has. */
  const slotFor = (j: number): number => {
    const first = room[j]! * cleaners;
    let slot = first;
    for (let s = first + 1; s < first + ops.atOnce[room[j]!]!; s += 1)
      if (slots[s]! < slots[slot]!) slot = s;
    return slot;
  };

  const whenOpen = (j: number, t: number): number => {
    const at = soonestOpen(ops, j, t);
    return at < 0 ? t : at;
  };

  /** Bits by cleaner: who of them could still come in time to each end that is due. */
  const whoReaches = () => {
    for (const x of due) {
      reachedBy[x] = 0;
      for (let c = 0; c < cleaners; c += 1)
        if (freeAt[c]! + walkTo(c, x) <= dueBy[x]!) reachedBy[x]! |= 1 << c;
    }
  };

  /** Whether all that is due can still be reached if c is busy where j is until then. */
  const leavesTime = (j: number, c: number, end: number): boolean => {
    for (const x of due) {
      if (x === j || (reachedBy[x]! & ~(1 << c)) !== 0) continue;
      if (end + walk[room[j]! * rooms + room[x]!]! > dueBy[x]!) return false;
    }
    return true;
  };

  /** Whether what it is kept apart from is either not begun or through. */
  const mayMeet = (j: number): boolean => {
    for (let a = apart.first[j]!; a < apart.first[j + 1]!; a += 1)
      if (laid[apart.op[a]!] && !laid[ops.apartLast[a]!]) return false;
    return true;
  };

  const put = (j: number, c: number, t: number) => {
    laid[j] = 1;
    if (ops.atOnce[room[j]!]! < cleaners) slots[slotFor(j)] = t + work[j]!;
    freeAt[c] = t + work[j]!;
    where[c] = room[j]!;
    if (isDue[j]) due.splice(due.indexOf(j), 1);
    for (let a = after.first[j]!; a < after.first[j + 1]!; a += 1) {
      const x = after.op[a]!;
      ready[x] = Math.max(ready[x]!, t + after.lag[a]!);
      if (--waits[x]! === 0) open[openCount++] = x;
    }
    // What is laid opens gaps of the same treatment; their ends stand close behind it.
    for (let x = j + 1; x < n && ops.treatment[x] === ops.treatment[j]; x += 1)
      for (let a = most.first[x]!; a < most.first[x + 1]!; a += 1) {
        if (most.op[a] !== j || laid[x]) continue;
        if (!isDue[x]) due.push(x);
        dueBy[x] = isDue[x] ? Math.min(dueBy[x]!, t + most.lag[a]!) : t + most.lag[a]!;
        isDue[x] = 1;
      }
  };

  const begin = (rule: Rule) => {
    freeAt.set(ops.from);
    where.fill(-1);
    slots.fill(0);
    ready.fill(0);
    laid.fill(0);
    isDue.fill(0);
    due.length = 0;
    openCount = 0;
    for (let j = 0; j < n; j += 1) {
      chance[j] = rule.place * j - rule.tail * tails[j]! + rule.any * (rule.ranks?.[j] ?? 0);
      waits[j] = least.first[j + 1]! - least.first[j]!;
      if (waits[j] === 0) open[openCount++] = j;
    }
  };

  /** The soonest that any cleaner is free. */
  const soonestFree = (): number => {
    let soonest = Infinity;
    for (let c = 0; c < cleaners; c += 1) if (freeAt[c]! < soonest) soonest = freeAt[c]!;
    return soonest;
  };

  /** What the rule puts first: its place among the open, who does it, and when it begins. */
  const chosen = { at: 0, by: 0, start: 0 };
  const choose = (rule: Rule) => {
    let best = Infinity;
    whoReaches();
    const soonest = soonestFree();
    for (let r = 0; r < openCount; r += 1) {
      const j = open[r]!;
      // Most are told from the best so far without a closer look.
      if (chance[j]! + (ready[j]! > soonest ? ready[j]! : soonest) >= best) continue;
      const base = chance[j]! + (mayMeet(j) ? 0 : BREAKS_PAIR);
      const full = ops.atOnce[room[j]!]! < cleaners ? slots[slotFor(j)]! : 0;
      const from = full > ready[j]! ? full : ready[j]!;
      for (let c = 0; c < cleaners; c += 1) {
        const steps = walkTo(c, j);
        const free = freeAt[c]! + steps;
        const sooner = free > from ? free : from;
        if (base + sooner + rule.walk * steps >= best) continue;
        const t = whenOpen(j, sooner);
        const end = t + work[j]!;
        let score = base + t + rule.walk * steps;
        if (end > ops.to[c]!) score += BREAKS_HOURS;
        if (!leavesTime(j, c, end)) score += BREAKS_GAP;
        if (score >= best) continue;
        best = score;
        chosen.at = r;
        chosen.by = c;
        chosen.start = t;
      }
    }
  };

  return (rule: Rule): Orders => {
    const order = new Int32Array(n);
    const who = new Int8Array(n);
    begin(rule);
    for (let k = 0; k < n; k += 1) {
      chosen.at = chosen.by = chosen.start = 0;
      choose(rule);
      const j = open[chosen.at]!;
      openCount -= 1;
      open[chosen.at] = open[openCount]!;
      put(j, chosen.by, chosen.start);
      order[k] = j;
      who[j] = chosen.by;
    }
    return { order, who };
  };
};
