import type { Fixed } from './fixed.ts';
import type { Ops } from './ops.ts';
import type { Orders } from './orders.ts';

/** How far a move looks, as a share of all operations. */
const REACH = 0.25;
/** How often work is moved beside other work in the same room, where there is some. */
const NEAR = 0.6;
const LONGEST_BLOCK = 5;

/**
 * Small changes of an order of work: one operation, or a few that one cleaner does on end in one
 * room, taken out and put in next to another operation. Every change keeps each operation behind
 * what it waits for.
 */
export const moves = (ops: Ops, next: () => number, fixed?: Fixed) => {
  const { n, cleaners, least, next: after, apart } = ops;
  const place = new Int32Array(n);
  const inBlock = new Uint8Array(n);
  const block = new Int32Array(LONGEST_BLOCK);
  const under = (count: number) => Math.floor(next() * count);
  const isFixed = (j: number) => fixed !== undefined && fixed.start[j]! >= 0;

  /** j and what its cleaner does next in the same room; returns how many. */
  const blockFrom = ({ order, who }: Orders, j: number): number => {
    block[0] = j;
    let count = 1;
    const most = next() < 0.5 ? 1 : 1 + under(LONGEST_BLOCK);
    for (let k = place[j]! + 1; k < n && count < most; k += 1) {
      const x = order[k]!;
      if (who[x] !== who[j]) continue;
      if (ops.room[x] !== ops.room[j]) break;
      block[count++] = x;
    }
    return count;
  };

  /** The places between which the block may go: [lowest, highest]. */
  let low = 0;
  let high = 0;
  const range = (count: number) => {
    low = -1;
    high = n;
    for (let b = 0; b < count; b += 1) {
      const j = block[b]!;
      for (let a = least.first[j]!; a < least.first[j + 1]!; a += 1) {
        const i = least.op[a]!;
        if (!inBlock[i] && place[i]! > low) low = place[i]!;
      }
      for (let a = after.first[j]!; a < after.first[j + 1]!; a += 1) {
        const i = after.op[a]!;
        if (!inBlock[i] && place[i]! < high) high = place[i]!;
      }
    }
  };

  /** Writes the block behind place `behind` of the order it was taken from. */
  const write = (from: Orders, to: Orders, [behind, count]: [number, number]) => {
    let k = 0;
    if (behind < 0) for (let b = 0; b < count; b += 1) to.order[k++] = block[b]!;
    for (let i = 0; i < n; i += 1) {
      const j = from.order[i]!;
      if (!inBlock[j]) to.order[k++] = j;
      if (i === behind) for (let b = 0; b < count; b += 1) to.order[k++] = block[b]!;
    }
    to.who.set(from.who);
  };

  const cleanerFor = (from: Orders, j: number, beside: number): number => {
    if (cleaners === 1) return 0;
    const chance = next();
    if (beside >= 0 && chance < 0.6) return from.who[from.order[beside]!]!;
    return chance < 0.85 ? from.who[j]! : under(cleaners);
  };

  /** Whether nothing that the block passes shares a cleaner, a full room or a rule with it. */
  const changesNothing = (from: Orders, [behind, count]: [number, number], c: number): boolean => {
    const at = place[block[0]!]!;
    const [low, high] = behind < at ? [behind + 1, place[block[count - 1]!]!] : [at, behind];
    for (let b = 0; b < count; b += 1) {
      const j = block[b]!;
      if (from.who[j] !== c || apart.first[j + 1]! > apart.first[j]!) return false;
    }
    const r = ops.room[block[0]!]!;
    for (let k = low; k <= high; k += 1) {
      const j = from.order[k]!;
      if (inBlock[j]) continue;
      if (from.who[j] === c || (ops.room[j] === r && ops.atOnce[r]! < cleaners)) return false;
    }
    return true;
  };

  /** A place within reach behind what is done in the same room; -1 where there is none. */
  const besideOwnRoom = (from: Orders, [lowest, highest]: [number, number]): number => {
    const r = ops.room[block[0]!]!;
    let found = -1;
    let seen = 0;
    for (let k = Math.max(0, lowest); k <= highest; k += 1) {
      const j = from.order[k]!;
      if (inBlock[j] || ops.room[j] !== r) continue;
      seen += 1;
      if (next() * seen < 1) found = k;
    }
    return found;
  };

  /** From some place on, two cleaners change over. */
  const changeOver = (from: Orders, to: Orders) => {
    const k = under(n);
    const a = under(cleaners);
    const b = (a + 1 + under(cleaners - 1)) % cleaners;
    to.order.set(from.order);
    to.who.set(from.who);
    for (let i = k; i < n; i += 1) {
      const j = from.order[i]!;
      if (isFixed(j)) continue;
      if (from.who[j] === a) to.who[j] = b;
      else if (from.who[j] === b) to.who[j] = a;
    }
    return k;
  };

  /** Writes a changed order to `to`: from which place on it differs, -1 where the draw gave none. */
  return (from: Orders, to: Orders): number => {
    if (cleaners > 1 && next() < 0.02) return changeOver(from, to);
    for (let k = 0; k < n; k += 1) place[from.order[k]!] = k;
    const j = under(n);
    if (isFixed(j)) return -1;
    const count = blockFrom(from, j);
    for (let b = 0; b < count; b += 1) inBlock[block[b]!] = 1;
    range(count);
    const at = place[j]!;
    const reach = 2 + Math.floor(n * REACH * next() ** 2);
    const lowest = Math.max(low, at - reach);
    const highest = Math.min(high - 1, at + reach);
    let behind = next() < NEAR ? besideOwnRoom(from, [lowest, highest]) : -1;
    if (behind < 0) behind = lowest + under(highest - lowest + 1);
    const free = highest >= lowest && !(behind + 1 < n && isFixed(from.order[behind + 1]!));
    const c = free ? cleanerFor(from, j, behind) : 0;
    const moved = free && !changesNothing(from, [behind, count], c);
    if (moved) {
      write(from, to, [behind, count]);
      for (let b = 0; b < count; b += 1) to.who[block[b]!] = c;
    }
    for (let b = 0; b < count; b += 1) inBlock[block[b]!] = 0;
    return moved ? Math.min(at, behind + 1) : -1;
  };
};
