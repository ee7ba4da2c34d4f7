import type { Rule } from './rules.ts';

type Ranked = Rule & { ranks: Float64Array };

/** Rules drawn freely before they are bred, and how many of the best are bred from. */
const FREE = 40;
const KEPT = 20;
const PARENTS = 8;
/** Operations that get a new rank in each child. */
const NEW_RANKS = 3;

/**
 * Draws rules of dispatch, at first freely, then as children of those that did best: weights a
 * little changed, ranks taken over, some from a second parent, a few anew.
 */
export const breeder = (n: number, next: () => number) => {
  const kept: { rule: Ranked; cost: number }[] = [];
  let drawn = 0;
  const near = (value: number, by: number) => value * Math.exp((next() - 0.5) * by);
  const free = (): Ranked => ({
    walk: 8 * next() ** 2,
    tail: 0.6 * next() ** 3,
    place: 2 * next() ** 2,
    any: 60 * next() ** 2,
    ranks: Float64Array.from({ length: n }, next),
  });
  const child = (): Ranked => {
    const one = kept[Math.floor(next() * Math.min(PARENTS, kept.length))]!.rule;
    const other = kept[Math.floor(next() * kept.length)]!.rule;
    const ranks = one.ranks.slice();
    const crossed = next() < 0.3;
    for (let j = 0; j < n; j += 1) {
      if (crossed && next() < 0.3) ranks[j] = other.ranks[j]!;
      if (next() * n < NEW_RANKS) ranks[j] = next();
    }
    return {
      walk: near(one.walk, 0.6) + (next() < 0.1 ? next() : 0),
      tail: near(one.tail, 0.6),
      place: near(one.place, 0.4),
      any: near(one.any, 0.4),
      ranks,
    };
  };
  return {
    draw: (): Ranked => {
      drawn += 1;
      return drawn <= FREE || kept.length === 0 ? free() : child();
    },
    /** What a rule came to; each cost is kept once, so that the kept ones differ. */
    tell: (rule: Ranked, cost: number): void => {
      if (kept.some((one) => one.cost === cost)) return;
      kept.push({ rule, cost });
      kept.sort((a, b) => a.cost - b.cost);
      kept.length = Math.min(KEPT, kept.length);
    },
  };
};
