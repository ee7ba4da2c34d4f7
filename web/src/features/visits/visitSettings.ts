/** What was typed of a room's hours, minutes from the start of the visit. */
export interface Typed {
  from: string;
  to: string;
}
/** By room. */
export type Hours = Readonly<Record<string, Typed>>;

const MINUTE = 60;

const whole = (text: string): number | undefined =>
  /^\d{1,4}$/.test(text.trim()) ? Number(text) : undefined;

/**
 * The span that was typed, s; nothing where the room is free all the time, null where it cannot be
 * read.
 */
export const spanOf = ({ from, to }: Typed): [number, number] | undefined | null => {
  if (from.trim() === '' && to.trim() === '') return undefined;
  const begins = from.trim() === '' ? 0 : whole(from);
  const ends = whole(to);
  if (begins === undefined || ends === undefined || ends <= begins) return null;
  return [begins * MINUTE, ends * MINUTE];
};

/** The hours of all rooms that have some; nothing while one of them cannot be read. */
export const hoursOf = (hours: Hours): Record<string, [number, number][]> | undefined => {
  const spans = Object.entries(hours).map(([id, typed]) => [id, spanOf(typed)] as const);
  if (spans.some(([, span]) => span === null)) return undefined;
  return Object.fromEntries(spans.flatMap(([id, span]) => (span ? [[id, [span]]] : [])));
};

/** The longest way between two rooms of a home, s. */
const LONGEST_WALK = 1800;

/** Seconds from room to room as they were typed; nothing where they cannot be read. */
export const walkOf = (text: string): number | undefined => {
  const seconds = whole(text);
  return seconds !== undefined && seconds <= LONGEST_WALK ? seconds : undefined;
};
