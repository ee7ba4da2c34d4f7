import { seeded } from '../../src/units/random.ts';
import { lookAhead } from '../../src/visit/ahead.ts';
import { dispatcher } from '../../src/visit/dispatch.ts';
import { copyOf, costOf, latestFor } from '../../src/visit/found.ts';
import type { Fixed } from '../../src/visit/fixed.ts';
import { layOut } from '../../src/visit/layOut.ts';
import { moves } from '../../src/visit/moves.ts';
import type { Ops } from '../../src/visit/ops.ts';
import { opsFor } from '../../src/visit/opsFor.ts';
import { waitInPlace, type Orders } from '../../src/visit/orders.ts';
import { longestFirst, nearFirst, simpleOverlap } from '../../src/visit/rules.ts';
import { drawVisit } from './drawVisit.ts';

const numbers = (count: number) => Array.from({ length: count }, (_, k) => k);
const drawOps = (k: number): Ops =>
  opsFor(drawVisit(k, { surfaces: 4 + (k % 20), cleaners: 1 + (k % 4), rooms: 1 + (k % 6) }));

/** The operations that come before what they wait for, are missing, or are nobody's. */
const wrongIn = (ops: Ops, { order, who }: Orders): number[] => {
  const place = new Map([...order].map((j, k) => [j, k]));
  return numbers(ops.n).filter((j) => {
    const before = [...ops.least.op.subarray(ops.least.first[j]!, ops.least.first[j + 1]!)];
    const late = before.some((i) => place.get(i)! > place.get(j)!);
    return late || !place.has(j) || who[j]! < 0 || who[j]! >= ops.cleaners;
  });
};

/** One order of work after another, each a small change of the last. */
const walkOf = (k: number, steps: number, fixed?: Fixed) => {
  const ops = drawOps(k);
  const propose = moves(ops, seeded(k), fixed);
  const seen: { from: Orders; to: Orders; place: number }[] = [];
  let from = dispatcher(ops)(simpleOverlap);
  for (let s = 0; s < steps; s += 1) {
    const to = copyOf(from);
    const place = propose(from, to);
    if (place < 0) continue;
    seen.push({ from, to, place });
    from = to;
  }
  return { ops, seen };
};

describe('orders of work', () => {
  test('by every rule of dispatch have each operation once, behind what it waits for', () => {
    const wrong = numbers(120).filter((k) => {
      const ops = drawOps(k);
      const byRule = dispatcher(ops);
      const next = seeded(k);
      const ranks = Float64Array.from({ length: ops.n }, next);
      const drawn = { walk: 8 * next(), tail: next(), place: next(), any: 60 * next(), ranks };
      const orders = [simpleOverlap, longestFirst, nearFirst, drawn].map(byRule);
      return [waitInPlace(ops), ...orders].some((one) => wrongIn(ops, one).length > 0);
    });
    expect(wrong).toEqual([]);
  });

  test('a dispatcher that was used before gives the same order as a new one', () => {
    const ops = drawOps(17);
    const used = dispatcher(ops);
    used(nearFirst);
    expect(used(simpleOverlap)).toEqual(dispatcher(ops)(simpleOverlap));
  });

  test('changed a little keep all that, and are the same before the place that is named', () => {
    for (const k of numbers(60)) {
      const { ops, seen } = walkOf(k, 60);
      for (const { from, to, place } of seen) {
        expect(wrongIn(ops, to)).toEqual([]);
        expect([...to.order.subarray(0, place)]).toEqual([...from.order.subarray(0, place)]);
        const same = [...to.order.subarray(0, place)].every((j) => to.who[j] === from.who[j]);
        expect(same).toBe(true);
      }
    }
  });

  test('what is done already stays first, and with whoever did it', () => {
    for (const k of numbers(30)) {
      const ops = drawOps(k);
      const first = dispatcher(ops)(simpleOverlap);
      const start = new Int32Array(ops.n).fill(-1);
      const { start: laid } = layOut(ops).lay(first.order, first.who);
      const done = [...first.order].slice(0, Math.floor(ops.n / 3));
      for (const j of done) start[j] = laid[j]!;
      const { seen } = walkOf(k, 60, { start, now: 0 });
      for (const { from, to } of seen) {
        expect([...to.order].slice(0, done.length)).toEqual(done);
        expect(done.map((j) => to.who[j])).toEqual(done.map((j) => from.who[j]));
      }
    }
  });
});

describe('laid out', () => {
  test('from a changed place on is the same as laid out anew', () => {
    for (const k of numbers(60)) {
      const { ops, seen } = walkOf(k, 60);
      const [own, other, anew] = [layOut(ops), layOut(ops), layOut(ops)];
      const look = lookAhead(ops);
      for (const { from, to, place } of seen) {
        own.lay(from.order, from.who);
        const change = { from: place, latest: Infinity, ahead: look(to) };
        const like = other.layLike({ held: own.held, orders: from }, to, change);
        expect(like).toEqual(anew.lay(to.order, to.who));
      }
    }
  });

  test('never takes less than was seen ahead of it', () => {
    for (const k of numbers(60)) {
      const { ops, seen } = walkOf(k, 40);
      const look = lookAhead(ops);
      const { lay } = layOut(ops);
      for (const { to } of seen) {
        const ahead = look(to);
        const laid = lay(to.order, to.who);
        const over = numbers(ops.n).map((j) => laid.start[j]! + ahead.least[j]! - laid.done);
        expect(Math.max(0, ...over)).toBe(0);
        expect(ahead.walked).toBe(laid.walked);
        expect(ahead.paid).toBeLessThanOrEqual(laid.paid);
      }
    }
  });

  test('is given up only where it costs more than allowed, or breaks a rule', () => {
    let givenUp = 0;
    for (const k of numbers(80)) {
      const { ops, seen } = walkOf(k, 40);
      const [own, other, anew] = [layOut(ops), layOut(ops), layOut(ops)];
      const look = lookAhead(ops);
      for (const { from, to, place } of seen) {
        const before = own.lay(from.order, from.who);
        if (before.broken > 0) continue;
        const allowed = costOf(before, ops.cleaners) + 5;
        const ahead = look(to);
        const change = { from: place, latest: latestFor(allowed, ahead, ops.cleaners), ahead };
        const like = other.layLike({ held: own.held, orders: from }, to, change);
        const whole = anew.lay(to.order, to.who);
        if (like) expect(like).toEqual(whole);
        else givenUp += 1;
        if (!like && whole.broken === 0)
          expect(costOf(whole, ops.cleaners)).toBeGreaterThan(allowed);
      }
    }
    expect(givenUp).toBeGreaterThan(100);
  });
});
