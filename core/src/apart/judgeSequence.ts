import type { Ventilation } from '../domain/situations.ts';
import {
  isAgainst,
  type Act,
  type Book,
  type Circumstances,
  type Route,
} from '../reference/neverCombine.ts';
import { airChanges, usualAiring } from '../reference/roomAir.ts';
import { judgeCombination, type Combination } from './judgeCombination.ts';
import { type Use, type Doing, type Happening, type RoomOfSequence } from './happening.ts';

/** What to put in before a use so that no rule bites there; `minutes` for airing. */
export interface Insertion {
  before: string;
  act: Act;
  at: string;
  minutes?: number;
}

const meetingRoutes = ['surface', 'drain', 'air'] as const satisfies readonly Route[];

type MeetingRoute = (typeof meetingRoutes)[number];

/** A point of a visit where a rule bites. */
export interface Meeting {
  first: string;
  second: string;
  route: MeetingRoute;
  combination: Combination;
  /**
   * The least that mends it: put something in, do the second later where it has been rinsed by
   * then, or leave one out.
   */
  mend:
    | { kind: 'insert'; insert: Insertion[] }
    | { kind: 'reorder'; move: string; after: string }
    | { kind: 'leave-out' };
}

const keyOf = { surface: 'surface', drain: 'drain', air: 'room' } as const;

/**
 * Minutes until a room has lost 95 % of what is in its air. Source: well-mixed room, C = C0
 * exp(−nt).
 */
export const airingMinutes = (ventilation: Ventilation): number =>
  Math.ceil((60 * Math.log(20)) / airChanges[usualAiring[ventilation]]);

const isAt = (doing: Doing, { surface, drain, room }: Use): boolean =>
  doing.at === surface || doing.at === drain || doing.at === room;

const circumstances = (
  first: Use,
  second: Use,
  between: readonly Happening[],
  room: RoomOfSequence,
): Circumstances => ({
  closed: false,
  roomVolume: room.volume,
  ventilated: room.ventilation !== 'none',
  inBowl: first.inBowl ?? second.inBowl,
  done: between.flatMap((one) =>
    one.kind === 'act' && (isAt(one, first) || isAt(one, second)) ? [one.act] : [],
  ),
});

const atDrain: readonly Act[] = ['flush', 'flush-twice', 'take-out'];

const placeOf = (act: Act, use: Use): string => {
  if (act === 'ventilate') return use.room;
  return atDrain.includes(act) ? use.drain : use.surface;
};

type Point = Omit<Meeting, 'mend'> & { i: number; j: number };

/** What a sequence is judged by: the rooms it runs through, and the book. */
interface Around {
  rooms: Readonly<Record<string, RoomOfSequence>>;
  book: Book;
}

const pointsOf = (happenings: readonly Happening[], { rooms, book }: Around): Point[] => {
  const byRoute = Object.fromEntries(
    meetingRoutes.map((route) => [route, book.filter((rule) => rule.by[route])]),
  );
  return happenings.flatMap((second, j) => {
    if (second.kind !== 'use') return [];
    return happenings.slice(0, j).flatMap((first, i): Point[] => {
      if (first.kind !== 'use') return [];
      return meetingRoutes.flatMap((route): Point[] => {
        const key = keyOf[route];
        if (first[key] !== second[key]) return [];
        const place = circumstances(first, second, happenings.slice(i + 1, j), rooms[second.room]!);
        const combination = judgeCombination(
          first.product,
          second.product,
          { route, ...place },
          byRoute[route]!,
        );
        return isAgainst(combination.severity)
          ? [{ first: first.id, second: second.id, route, combination, i, j }]
          : [];
      });
    });
  });
};

/** Later in the visit, where what it needs has been done by then for its own sake. */
const reordered = (
  happenings: readonly Happening[],
  { i, j, route, combination }: Point,
  around: Around,
  before: number,
): string | null => {
  const [first, second] = [happenings[i] as Use, happenings[j] as Use];
  for (let k = j + 1; k < happenings.length; k += 1) {
    const there = happenings[k]!;
    if (there.kind === 'use' && there[keyOf[route]] === second[keyOf[route]]) return null;
    if (there.kind !== 'act' || !(isAt(there, first) || isAt(there, second))) continue;
    if (!combination.bites.some(({ remedy }) => remedy?.includes(there.act))) continue;
    const moved = [
      ...happenings.slice(0, j),
      ...happenings.slice(j + 1, k + 1),
      second,
      ...happenings.slice(k + 1),
    ];
    const last = happenings
      .slice(0, k + 1)
      .findLast((one): one is Use => one.kind === 'use' && one.id !== second.id);
    if (last && pointsOf(moved, around).length < before) return last.id;
  }
  return null;
};

/**
 * The uses of a visit in the order they are done, with rinses, flushes and airing between: every
 * point where a rule bites on one surface, in one drain or in one room's air, and the least that
 * mends it. What an earlier insertion has already mended is not asked for again.
 */
export const judgeSequence = (
  happenings: readonly Happening[],
  rooms: Readonly<Record<string, RoomOfSequence>>,
  book: Book,
): Meeting[] => {
  const around = { rooms, book };
  const points = pointsOf(happenings, around);
  const inserted: (Doing & { j: number })[] = [];
  return points.map(({ i, j, ...point }) => {
    const second = happenings[j] as Use;
    const remedies = point.combination.bites.map(({ remedy }) => remedy);
    const moved = reordered(happenings, { i, j, ...point }, around, points.length);
    if (moved)
      return { ...point, mend: { kind: 'reorder' as const, move: point.second, after: moved } };
    if (
      remedies.some(
        (remedy) =>
          remedy === null || remedy.includes('another-day') || remedy.includes('set-aside'),
      )
    )
      return { ...point, mend: { kind: 'leave-out' as const } };
    const needed = [...new Set(remedies.flatMap((remedy) => remedy!))].map((act) => ({
      kind: 'act' as const,
      act,
      at: placeOf(act, second),
    }));
    const missing = needed.filter(
      ({ act, at }) =>
        !inserted.some((one) => one.act === act && one.at === at && one.j > i && one.j <= j),
    );
    inserted.push(...missing.map((one) => ({ ...one, j })));
    const insert = missing.map(({ act, at }) => ({
      before: point.second,
      act,
      at,
      ...(act === 'ventilate' ? { minutes: airingMinutes(rooms[second.room]!.ventilation) } : {}),
    }));
    return { ...point, mend: { kind: 'insert' as const, insert } };
  });
};
