import type { StretchOutcome } from './shown.ts';
import type { EventClock } from './wetEvents.ts';

/**
 * One stretch of wetness, from the first coat to its end. Held times are whole seconds, rounded
 * down: as long as it lay there, and as long as it is known to have been wet without a gap.
 */
export interface Stretch {
  from: number;
  to: number;
  heldSeconds: number;
  shownSeconds: number;
  /** By how much both may have been shorter, and were taken to be: clocks disagreed. */
  uncertainSeconds: number;
  coats: number[];
  seen: number[];
  ended: 'wiped' | 'found-dry';
  outcome: StretchOutcome;
}

/** How long something lay that works by itself, s: as long as it may have been, and at the least. */
export interface Lay {
  from: number;
  to: number;
  longestSeconds: number;
  leastSeconds: number;
  outcome: LayOutcome;
}
/** Taken off in time, before it had worked, or after it had begun to harm. */
export const layOutcomes = ['in-time', 'too-short', 'too-long'] as const;
export type LayOutcome = (typeof layOutcomes)[number];

export interface SurfaceClock {
  /**
   * What works there by itself now: since when, ms, by which clock. Absent, as are the next two,
   * where nothing was laid on: clocks of before have none.
   */
  lying?: { since: number; by: EventClock };
  /** How long what was laid on last lay there. */
  lay?: Lay;
  /** Soil was loosened, or there was none. */
  loosened?: true;
  /** What waited in the toilet's water is out, and the bowl flushed. */
  lifted: boolean;
  washed: boolean;
  wetSince: number | null;
  /** When each coat of the stretch in progress went on. */
  coats: number[];
  /** When somebody looked at the stretch in progress and saw it wet. */
  seen: number[];
  /** By which clock the stretch in progress was begun, and by how many s it may be shorter. */
  begunBy: EventClock | null;
  slack: number;
  stretches: Stretch[];
  /** Batches on the surface that have not been rinsed off. */
  on: string[];
  done: boolean;
  /** Left out, with a reason on record. */
  skipped: boolean;
  lastAt: number | null;
}

export const untouched: SurfaceClock = {
  lifted: false,
  washed: false,
  wetSince: null,
  coats: [],
  seen: [],
  begunBy: null,
  slack: 0,
  stretches: [],
  on: [],
  done: false,
  skipped: false,
  lastAt: null,
};

/** Whether it is left alone for now: wet, or something works on it. */
export const isLeftAlone = ({ wetSince, lying }: SurfaceClock): boolean =>
  wetSince !== null || lying !== undefined;

/** Whether anything was put on, wet still or over. */
export const wasCoated = ({ wetSince, stretches }: SurfaceClock): boolean =>
  wetSince !== null || stretches.length > 0;
