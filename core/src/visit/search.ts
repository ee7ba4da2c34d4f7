import { annealer } from './anneal.ts';
import { breeder } from './breed.ts';
import { dispatcher } from './dispatch.ts';
import { compare, costOf, kept, type Found } from './found.ts';
import type { Fixed } from './fixed.ts';
import { layOut } from './layOut.ts';
import type { Ops } from './ops.ts';
import { waitInPlace, type Orders } from './orders.ts';
import { longestFirst, nearFirst, simpleOverlap } from './rules.ts';

/** Length of the first cycle of annealing, how much longer each next one is, and the longest. */
const FIRST_CYCLE = 10_000;
const LONGER = 1.5;
const LONGEST_CYCLE = 1_500_000;
/** Rules tried at first; the best order of them is annealed. */
const FIRST_RULES = 250;
/** One rule is tried anew for so many iterations of annealing. */
const SHARE = 200;

/** What a search begins with and must keep to. */
export interface Begin {
  next: () => number;
  fixed?: Fixed | undefined;
  /** Who did what is fixed. */
  fixedWho?: Int8Array | undefined;
}

/** Operations that are fixed in time go first, by their start, with whoever did them. */
const pinned = ({ order, who }: Orders, { fixed, fixedWho }: Begin): Orders => {
  if (!fixed) return { order, who };
  const begun = [...order].filter((j) => fixed.start[j]! >= 0);
  begun.sort((a, b) => fixed.start[a]! - fixed.start[b]!);
  const free = [...order].filter((j) => fixed.start[j]! < 0);
  for (const j of begun) who[j] = fixedWho?.[j] ?? who[j]!;
  return { order: Int32Array.from([...begun, ...free]), who };
};

/**
 * A search for the best order of work: rules of dispatch are bred, the best of them annealed in
 * cycles that grow longer, and between these rules bred anew around what annealing found. The same
 * random numbers and iterations, the same plan.
 */
export const search = (ops: Ops, begin: Begin) => {
  const { lay } = layOut(ops, begin.fixed);
  const byRule = dispatcher(ops);
  const rules = breeder(ops.n, begin.next);
  const anneal = annealer(ops, begin.next, begin.fixed);
  const laidOut = (orders: Orders): Found => {
    const { order, who } = pinned(orders, begin);
    return kept({ order, who }, lay(order, who));
  };
  const plain = [simpleOverlap, longestFirst, nearFirst].map((rule) => byRule(rule));
  let best = [waitInPlace(ops), ...plain].map(laidOut).sort(compare)[0]!;
  let cycle = FIRST_CYCLE;
  let toBreed = FIRST_RULES;

  const keep = (one: Found) => {
    if (compare(one, best) < 0) best = one;
  };

  const breed = () => {
    const rule = rules.draw();
    const one = laidOut(byRule(rule));
    rules.tell(rule, costOf(one, ops.cleaners));
    keep(one);
    toBreed -= 1;
    if (toBreed === 0) anneal.begin(best, cycle);
  };

  /** Rules look around what annealing has found, before it goes on for longer. */
  const endCycle = () => {
    toBreed = Math.ceil(cycle / SHARE);
    cycle = Math.min(LONGEST_CYCLE, cycle * LONGER);
    const ranks = Float64Array.from(best.start, (t) => t / Math.max(1, best.done));
    rules.tell({ walk: 0.2, tail: 0, place: 0, any: best.done, ranks }, costOf(best, ops.cleaners));
  };

  const step = () => {
    if (toBreed > 0) return breed();
    if (!anneal.step()) return endCycle();
    keep(anneal.best());
  };

  return {
    best: () => best,
    run: (iterations: number): Found => {
      if (ops.n > 0) for (let i = 0; i < iterations; i += 1) step();
      return best;
    },
  };
};
