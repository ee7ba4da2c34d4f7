/** What a cleaner does at one surface; `at` in ms since 1970, told by the phone that saw it. */
export const eventKinds = [
  'lifted',
  'washed',
  'applied',
  'rewet',
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

/** What the protocol asks of the surface: seconds to stay wet, and whether a rinse closes it. */
export interface Asked {
  seconds: number;
  applies: boolean;
  rinses: boolean;
}

/**
 * One stretch of wetness, from the first coat to its end. Held times are whole seconds, rounded
 * down.
 */
export interface Stretch {
  from: number;
  to: number;
  heldSeconds: number;
  coats: number[];
  ended: 'wiped' | 'found-dry';
  met: boolean;
}

export interface SurfaceClock {
  /** What waited in the toilet's water is out, and the bowl flushed. */
  lifted: boolean;
  washed: boolean;
  wetSince: number | null;
  /** When each coat of the stretch in progress went on. */
  coats: number[];
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
  stretches: [],
  on: [],
  done: false,
  lastAt: null,
};

/** Whole seconds that a stretch from `from` to `to` (ms) was held; never rounded up. */
export const secondsBetween = (from: number, to: number): number =>
  Math.max(0, Math.floor((to - from) / 1000));

const endStretch = (
  clock: SurfaceClock,
  at: number,
  ended: Stretch['ended'],
  asked: Asked,
): Stretch[] => {
  if (clock.wetSince === null) return clock.stretches;
  const heldSeconds = secondsBetween(clock.wetSince, at);
  const met = ended === 'wiped' && heldSeconds >= asked.seconds;
  return [
    ...clock.stretches,
    { from: clock.wetSince, to: at, heldSeconds, coats: clock.coats, ended, met },
  ];
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
    case 'found-dry':
      return {
        ...clock,
        ...at,
        stretches: endStretch(clock, event.at, 'found-dry', asked),
        wetSince: null,
        coats: [],
      };
    case 'wiped':
      return {
        ...clock,
        ...at,
        stretches: endStretch(clock, event.at, 'wiped', asked),
        wetSince: null,
        coats: [],
        done: !asked.rinses,
      };
    case 'rinsed':
      return { ...clock, ...at, on: [], done: true };
  }
};

/** Folds the events of one surface, oldest first. */
export const foldClock = (events: readonly WetEvent[], asked: Asked): SurfaceClock =>
  events.reduce((clock, event) => wetClock(clock, event, asked), untouched);

/** The last word on a surface: met, not met, or nothing yet (also where nothing had to be held). */
export const outcomeOf = (clock: SurfaceClock, asked: Asked): 'met' | 'not-met' | null => {
  if (asked.seconds === 0) return null;
  const last = clock.stretches[clock.stretches.length - 1];
  if (last === undefined || clock.wetSince !== null) return null;
  return last.met ? 'met' : 'not-met';
};
