import type { Ops } from './ops.ts';
import type { Windows } from './windows.ts';

/** One way to part two that meet: start[to] ≥ start[from] + lag. */
export type Way = readonly [from: number, to: number, lag: number];

const pairMeeting = (ops: Ops, { soonest }: Windows): Way[] | undefined => {
  const { n } = ops;

  for (let j = 0; j < n; j += 1)
    for (let a = ops.apart.first[j]!; a < ops.apart.first[j + 1]!; a += 1) {
      const [other, one] = [ops.apart.op[a]!, ops.apartLast[a]!];
      if (other > j) continue;
      for (let b = ops.apart.first[other]!; b < ops.apart.first[other + 1]!; b += 1) {
        if (ops.apart.op[b] !== j) continue;
        const [back, backLag] = [ops.apartLast[b]!, ops.apart.lag[b]!];
        const ordered =
          soonest[one]! + ops.apart.lag[a]! <= soonest[j]! ||
          soonest[back]! + backLag <= soonest[other]!;
        if (!ordered)
          return [
            [one, j, ops.apart.lag[a]!],
            [back, other, backLag],
          ];
      }
    }
  return undefined;
};

const roomMeeting = (ops: Ops, { soonest }: Windows): Way[] | undefined => {
  const { n, room, work, cleaners } = ops;
  for (let j = 0; j < n; j += 1) {
    const most = ops.atOnce[room[j]!]!;
    if (most >= cleaners) continue;
    const there: number[] = [];
    for (let i = 0; i < n; i += 1)
      if (room[i] === room[j] && soonest[i]! <= soonest[j]! && soonest[j]! < soonest[i]! + work[i]!)
        there.push(i);
    if (there.length > most)
      return there.flatMap((i) =>
        there.filter((x) => x !== i).map((x): [number, number, number] => [i, x, work[i]!]),
      );
  }
  return undefined;
};

/**
 * The ways to part the first that meet though they must not if all begin as soon as they can: a pair
 * kept apart, or too many in a room at once. Nothing where none meet.
 */
export const meeting = (ops: Ops, windows: Windows): Way[] | undefined =>
  pairMeeting(ops, windows) ?? roomMeeting(ops, windows);
