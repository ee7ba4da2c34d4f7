import { outcomeOfWiped, shownUntil, type StretchOutcome } from './shown.ts';

/** What a cleaner does at one surface; `at` in ms since 1970, told by the phone that saw it. */
export const eventKinds = [
  'lifted',
  'washed',
  'applied',
  'rewet',
  'seen-wet',
  'found-dry',
  'wiped',
  'rinsed',
] as const;
export type EventKind = (typeof eventKinds)[number];

export interface WetEvent {
  surfaceId: string;
  kind: EventKind;
  at: number;
  batchId: string | null;
}

/**
 * What the protocol asks of the surface: seconds to stay wet, and whether a rinse closes it; and for
 * how many seconds a coat is known to stay wet there, 0 where nobody knows.
 */
export interface Asked {
  seconds: number;
  coatHolds: number;
  applies: boolean;
  rinses: boolean;
}

/**
 * One stretch of wetness, from the first coat to its end. Held times are whole seconds, rounded
 * down: as long as it lay there, and as long as it is known to have been wet without a gap.
 */
export interface Stretch {
  from: number;
  to: number;
  heldSeconds: number;
  shownSeconds: number;
  coats: number[];
  seen: number[];
  ended: 'wiped' | 'found-dry';
  outcome: StretchOutcome;
}

export interface SurfaceClock {
  /** What waited in the toilet's water is out, and the bowl flushed. */
  lifted: boolean;
  washed: boolean;
  wetSince: number | null;
  /** When each coat of the stretch in progress went on. */
  coats: number[];
  /** When somebody looked at the stretch in progress and saw it wet. */
  seen: number[];
  stretches: Stretch[];
  /** Batches on the surface that have not been rinsed off. */
  on: string[];
  done: boolean;
  lastAt: number | null;
}

export const untouched: SurfaceClock = {
  lifted: false,
  washed: false,
  wetSince: null,
  coats: [],
  seen: [],
  stretches: [],
  on: [],
  done: false,
  lastAt: null,
};

/** Whole seconds that a stretch from `from` to `to` (ms) was held; never rounded up. */
export const secondsBetween = (from: number, to: number): number =>
  Math.max(0, Math.floor((to - from) / 1000));

/** Nothing is wet on it any more. */
const nothingOn = { wetSince: null, coats: [], seen: [] };

/** The clock once the stretch in progress is over, if there is one. */
const ended = (
  clock: SurfaceClock,
  at: number,
  by: Stretch['ended'],
  asked: Asked,
): Pick<SurfaceClock, 'stretches' | 'wetSince' | 'coats' | 'seen'> => {
  const { wetSince: from, coats, seen, stretches } = clock;
  if (from === null) return { ...nothingOn, stretches };
  const lay = { from, coats, seen };
  // Where it was found dry, the coat did not hold as long as is expected: only what was seen counts.
  const coatHolds = by === 'found-dry' ? 0 : asked.coatHolds;
  const stretch: Stretch = {
    ...lay,
    to: at,
    heldSeconds: secondsBetween(from, at),
    shownSeconds: secondsBetween(from, shownUntil(lay, coatHolds, at)),
    ended: by,
    outcome: by === 'wiped' ? outcomeOfWiped(lay, asked, at) : 'not-met',
  };
  return { ...nothingOn, stretches: [...stretches, stretch] };
};

const withBatch = (on: string[], batchId: string | null): string[] =>
  batchId === null || on.includes(batchId) ? on : [...on, batchId];

/**
 * The state of one surface after one more event. A reducer: the phone, the server and the records
 * fold the same events with it. Found dry starts again from nothing; wiping early ends the stretch
 * as not met.
 */
export const wetClock = (clock: SurfaceClock, event: WetEvent, asked: Asked): SurfaceClock => {
  const at = { lastAt: event.at };
  switch (event.kind) {
    case 'lifted':
      return { ...clock, ...at, lifted: true };
    case 'washed':
      return { ...clock, ...at, washed: true, on: [], done: !asked.applies };
    case 'applied':
      return {
        ...clock,
        ...at,
        wetSince: event.at,
        coats: [event.at],
        seen: [],
        on: withBatch(clock.on, event.batchId),
        done: false,
      };
    case 'rewet':
      return {
        ...clock,
        ...at,
        coats: [...clock.coats, event.at],
        on: withBatch(clock.on, event.batchId),
      };
    case 'seen-wet':
      return { ...clock, ...at, seen: [...clock.seen, event.at] };
    case 'found-dry':
      return { ...clock, ...at, ...ended(clock, event.at, 'found-dry', asked) };
    case 'wiped':
      return {
        ...clock,
        ...at,
        ...ended(clock, event.at, 'wiped', asked),
        done: !asked.rinses,
      };
    case 'rinsed':
      return { ...clock, ...at, on: [], done: true };
  }
};

/** Folds the events of one surface, oldest first. */
export const foldClock = (events: readonly WetEvent[], asked: Asked): SurfaceClock =>
  events.reduce((clock, event) => wetClock(clock, event, asked), untouched);

/**
 * The last word on a surface; nothing yet where it is wet or was not begun, and where nothing had to
 * be held.
 */
export const outcomeOf = (clock: SurfaceClock, asked: Asked): StretchOutcome | null => {
  if (asked.seconds === 0) return null;
  const last = clock.stretches.at(-1);
  return last === undefined || clock.wetSince !== null ? null : last.outcome;
};

/** Until when, ms, what is wet now is known to be wet without a gap; after that somebody looks. */
export const knownWetUntil = (
  clock: Pick<SurfaceClock, 'wetSince' | 'coats' | 'seen'>,
  { coatHolds }: Pick<Asked, 'coatHolds'>,
): number | null =>
  clock.wetSince === null
    ? null
    : shownUntil({ ...clock, from: clock.wetSince }, coatHolds, Infinity);
