import { LONGEST_WALK, type RoomSetting } from '@zymostat/contract';
import { circleIn, USUAL_WALK } from '@zymostat/core';

/** By way of which other room it is come into, and how far that is, s. */
export interface TypedWay {
  by: string | null;
  seconds: string;
}
/** All that is typed of a visit's rooms, by room. */
export interface TypedRooms {
  walk: string;
  ways: Readonly<Record<string, TypedWay>>;
  /** Minutes from the start of the visit: "10–40, 60–90". */
  hours: Readonly<Record<string, string>>;
}

const MINUTE = 60;
const usual: RoomSetting = { walk: USUAL_WALK, ways: {}, hours: {} };

const whole = (text: string): number | undefined =>
  /^\d{1,4}$/.test(text.trim()) ? Number(text) : undefined;

type Span = [number, number];

/** "10–40". */
const spanOf = (text: string): Span | undefined => {
  const [, from, to] = /^\s*(\d{1,4})\s*[-–—]\s*(\d{1,4})\s*$/.exec(text) ?? [];
  const [begins, ends] = [Number(from) * MINUTE, Number(to) * MINUTE];
  return ends > begins ? [begins, ends] : undefined;
};

/**
 * The spans that were typed, s, one after the other; none where the room is free all the time, and
 * nothing where any of them cannot be read, or two overlap.
 */
export const spansOf = (text: string): Span[] | undefined => {
  if (text.trim() === '') return [];
  const read = text.split(/[,;]/).map(spanOf);
  const spans = read.flatMap((span) => (span ? [span] : [])).sort(([a], [b]) => a - b);
  const apart = spans.every(([from], k) => k === 0 || from >= spans[k - 1]![1]);
  return spans.length === read.length && apart ? spans : undefined;
};

/** Seconds on foot as they were typed; nothing where they cannot be read. */
export const walkOf = (text: string): number | undefined => {
  const seconds = whole(text);
  return seconds !== undefined && seconds <= LONGEST_WALK ? seconds : undefined;
};

const byRoom = <T>(rows: (readonly [string, T])[]): Record<string, T> =>
  Object.fromEntries(rows.sort(([a], [b]) => (a < b ? -1 : 1)));

const hoursOf = (typed: TypedRooms['hours']): RoomSetting['hours'] | undefined => {
  const read = Object.entries(typed).flatMap(([id, text]) => {
    const spans = spansOf(text);
    return spans ? [[id, spans] as const] : [];
  });
  if (read.length < Object.keys(typed).length) return undefined;
  return byRoom(read.filter(([, spans]) => spans.length > 0));
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

/** Whole minutes within spans, s: never longer than they. */
const minutesOf = (spans: readonly (readonly [number, number])[]): string =>
  spans.map(([from, to]) => `${Math.ceil(from / MINUTE)}–${Math.floor(to / MINUTE)}`).join(', ');

/** How the rooms were set before, to be typed on; as is usual where nobody has set them. */
export const typedOf = (setting: RoomSetting | null | undefined): TypedRooms => {
  const { walk, ways, hours } = setting ?? usual;
  return {
    walk: String(walk),
    ways: byRoom(
      Object.entries(ways).map(([id, { by, seconds }]) => [id, { by, seconds: String(seconds) }]),
    ),
    hours: byRoom(Object.entries(hours).map(([id, spans]) => [id, minutesOf(spans)])),
  };
};

/** Whether the rooms are set as they were. */
export const sameSetting = (before: RoomSetting | null, now: RoomSetting): boolean =>
  JSON.stringify(roomSettingOf(typedOf(before))) === JSON.stringify(now);
