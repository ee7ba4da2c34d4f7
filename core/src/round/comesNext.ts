import { levels, type Level } from '../domain/levels.ts';

/** What matters of a surface for when it is its turn. `open`: neither done nor wet. */
export interface InTurn {
  roomId: string;
  level: Level;
  /** For how long it is to stay wet, s. */
  seconds: number;
  begun: boolean;
  /** Something that works by itself is to be put on first. */
  lies: boolean;
  open: boolean;
}

/** What may be begun in a room: nothing lower before all that is higher has been begun. */
const mayBegin = <One extends InTurn>(left: readonly One[]): One[] =>
  left.filter(({ roomId, level }) =>
    left.every((other) => other.roomId !== roomId || rank(other.level) >= rank(level)),
  );

const rank = (level: Level): number => levels.indexOf(level);

/** The longest wait that is still to be begun in a room. */
const longestIn = (left: readonly InTurn[], room: string): number =>
  Math.max(...left.filter(({ roomId }) => roomId === room).map(({ seconds }) => seconds));

/**
 * All that is open, in the order in which it is best done where nobody has planned: what is begun
 * first, then what works by itself, the longest first, then from high to low in each room; of what may come next the room with the longest wait
 * before it goes first, `here` where they are alike, and in it the longest wait. Source: common
 * practice, no source; a trial found 8 to 33 minutes idle otherwise.
 */
export const comesNext = <One extends InTurn>(
  stops: readonly One[],
  here: string | null,
): One[] => {
  const inHand = stops.filter(({ open, begun }) => open && begun);
  const near = (room: string | null) => (one: One) => Number(one.roomId !== room);
  const ordered = inHand.sort((a, b) => near(here)(a) - near(here)(b));
  const fresh = stops.filter(({ open, begun }) => open && !begun);
  ordered.push(...fresh.filter(({ lies }) => lies).sort((a, b) => b.seconds - a.seconds));
  let left = fresh.filter(({ lies }) => !lies);
  let room = ordered[0]?.roomId ?? here;
  while (left.length > 0) {
    const away = near(room);
    const [next] = mayBegin(left).sort(
      (a, b) =>
        longestIn(left, b.roomId) - longestIn(left, a.roomId) ||
        away(a) - away(b) ||
        b.seconds - a.seconds,
    ) as [One, ...One[]];
    ordered.push(next);
    left = left.filter((one) => one !== next);
    room = next.roomId;
  }
  return ordered;
};
