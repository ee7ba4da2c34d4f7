/**
 * Things put into groups so that no two of a group conflict; the first group is the one that stays
 * where it is.
 */
export interface Grouping {
  /** Indices, each in exactly one group. */
  groups: number[][];
  /** Whether no other grouping is smaller; greedy above 25 things. */
  exact: boolean;
}

const EXACT_UP_TO = 25;

const bits = (mask: number): number => {
  let count = 0;
  for (let rest = mask; rest !== 0; rest &= rest - 1) count += 1;
  return count;
};
const members = (mask: number): number[] => {
  const list: number[] = [];
  for (let rest = mask; rest !== 0; rest &= rest - 1) list.push(31 - Math.clz32(rest & -rest));
  return list;
};

/** The parts of a set that have no conflict with each other: each is solved by itself. */
const partsOf = (all: number, near: readonly number[]): number[] => {
  const parts: number[] = [];
  for (let left = all; left !== 0; left &= ~parts.at(-1)!) {
    let part = left & -left;
    for (let grown = 0; grown !== part;) {
      grown = part;
      for (const v of members(part)) part |= near[v]! & left;
    }
    parts.push(part);
  }
  return parts;
};

/** Groups of several parts put together, the first with the first. */
const merged = (list: readonly (readonly number[])[]): number[] =>
  Array.from({ length: Math.max(0, ...list.map((groups) => groups.length)) }, (_, i) =>
    list.reduce((mask, groups) => mask | (groups[i] ?? 0), 0),
  );

/**
 * One part put into at most `most` groups, or nothing where it cannot be. The hardest to place goes
 * first.
 */
const colourPart = (part: number, near: readonly number[], most: number): number[] | null => {
  const place = (rest: number, groups: readonly number[]): number[] | null => {
    if (rest === 0) return [...groups];
    const hardness = (v: number) =>
      groups.filter((group) => group & near[v]!).length * 32 + bits(near[v]! & rest);
    const v = members(rest).reduce((a, b) => (hardness(b) > hardness(a) ? b : a));
    const next = rest & ~(1 << v);
    for (const [i, group] of groups.entries()) {
      if (group & near[v]!) continue;
      const found = place(
        next,
        groups.map((one, k) => (k === i ? one | (1 << v) : one)),
      );
      if (found) return found;
    }
    // One more group is as good as any other new one: tried once.
    return groups.length < most ? place(next, [...groups, 1 << v]) : null;
  };
  return place(part, []);
};

const colour = (all: number, near: readonly number[], most: number): number[] | null => {
  const parts: number[][] = [];
  for (const part of partsOf(all, near)) {
    const groups = colourPart(part, near, most);
    if (!groups) return null;
    parts.push(groups);
  }
  return merged(parts);
};

/**
 * Of one part, the most that can stay together while the rest goes into `most` further groups: the
 * stay first.
 */
const stayPart = (
  part: number,
  near: readonly number[],
  most: number,
  weights: readonly number[],
): number[] => {
  let best: number[] | null = null;
  const grow = (stay: number, open: number) => {
    if (best && bits(stay) + bits(open) <= bits(best[0]!)) return;
    if (open === 0) {
      const rest = colour(part & ~stay, near, most);
      if (rest) best = [stay, ...rest];
      return;
    }
    const v = members(open).reduce((a, b) =>
      (bits(near[b]! & open) - bits(near[a]! & open) || weights[b]! - weights[a]!) > 0 ? b : a,
    );
    // Without a conflict left all of them may stay.
    if ((near[v]! & open) === 0) return grow(stay | open, 0);
    grow(stay, open & ~(1 << v));
    grow(stay | (1 << v), open & ~(1 << v) & ~near[v]!);
  };
  grow(0, part);
  return best!;
};

/** Puts each thing where it fits first, those with the most conflicts first. */
const greedy = (count: number, conflicts: (a: number, b: number) => boolean): number[][] => {
  const degree = Array.from(
    { length: count },
    (_, a) => Array.from({ length: count }, (__, b) => b).filter((b) => conflicts(a, b)).length,
  );
  const groups: number[][] = [];
  for (const v of Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => degree[b]! - degree[a]!,
  )) {
    const home = groups.find((group) => group.every((other) => !conflicts(v, other)));
    if (home) home.push(v);
    else groups.push([v]);
  }
  return groups.sort((a, b) => b.length - a.length);
};

/**
 * The fewest groups without a conflict inside, and among those the one in which the most stay
 * together in the first: graph colouring, exact for up to 25 things. `pairs` are the conflicting
 * ones; where two would do, the one of more `weight` goes.
 */
export const regroup = (
  count: number,
  pairs: readonly (readonly [number, number])[],
  weights: readonly number[] = new Array<number>(count).fill(0),
): Grouping => {
  if (count === 0) return { groups: [], exact: true };
  if (count > EXACT_UP_TO) {
    const known = new Set(pairs.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]));
    return { groups: greedy(count, (a, b) => known.has(`${a} ${b}`)), exact: false };
  }
  const near = Array.from({ length: count }, () => 0);
  for (const [a, b] of pairs) {
    near[a]! |= 1 << b;
    near[b]! |= 1 << a;
  }
  const all = 2 ** count - 1;
  let most = 1;
  while (!colour(all, near, most)) most += 1;
  return {
    groups: merged(partsOf(all, near).map((part) => stayPart(part, near, most - 1, weights))).map(
      members,
    ),
    exact: true,
  };
};
