import { LONGEST_WALK, type RoomSetting } from '@zymostat/contract';
import { circleIn, USUAL_WALK } from '@zymostat/core';

/** What was typed of a room's hours, minutes from the start of the visit. */
export interface TypedHours {
  from: string;
  to: string;
}
/** By way of which other room it is come into, and how far that is, s. */
export interface TypedWay {
  by: string | null;
  seconds: string;
}
/** All that is typed of a visit's rooms, by room. */
export interface TypedRooms {
  walk: string;
  ways: Readonly<Record<string, TypedWay>>;
  hours: Readonly<Record<string, TypedHours>>;
}

const MINUTE = 60;
const usual: RoomSetting = { walk: USUAL_WALK, ways: {}, hours: {} };

const whole = (text: string): number | undefined =>
  /^\d{1,4}$/.test(text.trim()) ? Number(text) : undefined;

/**
 * The span that was typed, s; nothing where the room is free all the time, null where it cannot be
 * read.
 */
export const spanOf = ({ from, to }: TypedHours): [number, number] | undefined | null => {
  if (from.trim() === '' && to.trim() === '') return undefined;
  const begins = from.trim() === '' ? 0 : whole(from);
  const ends = whole(to);
  if (begins === undefined || ends === undefined || ends <= begins) return null;
  return [begins * MINUTE, ends * MINUTE];
};

/** Seconds on foot as they were typed; nothing where they cannot be read. */
export const walkOf = (text: string): number | undefined => {
  const seconds = whole(text);
  return seconds !== undefined && seconds <= LONGEST_WALK ? seconds : undefined;
};

const byRoom = <T>(rows: (readonly [string, T])[]): Record<string, T> =>
  Object.fromEntries(rows.sort(([a], [b]) => (a < b ? -1 : 1)));

const hoursOf = (typed: TypedRooms['hours']): RoomSetting['hours'] | undefined => {
  const spans = Object.entries(typed).map(([id, one]) => [id, spanOf(one)] as const);
  if (spans.some(([, span]) => span === null)) return undefined;
  return byRoom(spans.flatMap(([id, span]) => (span ? [[id, [span]] as const] : [])));
};

const waysOf = (typed: TypedRooms['ways']): RoomSetting['ways'] | undefined => {
  const said = Object.entries(typed).flatMap(([id, { by, seconds }]) =>
    by === null ? [] : [[id, { by, seconds: walkOf(seconds) }] as const],
  );
  const read = said.flatMap(([id, { by, seconds }]) =>
    seconds === undefined ? [] : [[id, { by, seconds }] as const],
  );
  const ways = byRoom(read);
  return read.length < said.length || circleIn(ways) !== undefined ? undefined : ways;
};

/** What was typed, read; nothing while any of it cannot be read, or a way leads in a circle. */
export const roomSettingOf = (typed: TypedRooms): RoomSetting | undefined => {
  const [walk, ways, hours] = [walkOf(typed.walk), waysOf(typed.ways), hoursOf(typed.hours)];
  return walk === undefined || !ways || !hours ? undefined : { walk, ways, hours };
};

/** Whole minutes within a span, s: never longer than it. */
const minutesOf = ([from, to]: readonly [number, number]): TypedHours => ({
  from: String(Math.ceil(from / MINUTE)),
  to: String(Math.floor(to / MINUTE)),
});

/** How the rooms were set before, to be typed on; as is usual where nobody has set them. */
export const typedOf = (setting: RoomSetting | null | undefined): TypedRooms => {
  const { walk, ways, hours } = setting ?? usual;
  return {
    walk: String(walk),
    ways: byRoom(
      Object.entries(ways).map(([id, { by, seconds }]) => [id, { by, seconds: String(seconds) }]),
    ),
    hours: byRoom(
      Object.entries(hours).flatMap(([id, [span]]) =>
        span ? [[id, minutesOf(span)] as const] : [],
      ),
    ),
  };
};

/** Whether the rooms are set as they were. */
export const sameSetting = (before: RoomSetting | null, now: RoomSetting): boolean =>
  JSON.stringify(roomSettingOf(typedOf(before))) === JSON.stringify(now);
