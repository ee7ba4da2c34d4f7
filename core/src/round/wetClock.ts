import type { StretchOutcome } from './shown.ts';
import { afterLaying } from './laying.ts';
import { ended, slackWith } from './stretch.ts';
import { untouched, type SurfaceClock } from './surfaceClock.ts';
import type { Asked, WetEvent } from './wetEvents.ts';

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
    case 'laid':
    case 'taken-off':
    case 'nothing-on-it':
      return afterLaying(clock, event, asked);
    case 'lifted':
      return { ...clock, ...at, lifted: true };
    case 'washed':
      return { ...clock, ...at, washed: true, skipped: false, on: [], done: !asked.applies };
    case 'applied':
      return {
        ...clock,
        ...at,
        wetSince: event.at,
        coats: [event.at],
        seen: [],
        begunBy: event.clock,
        slack: 0,
        skipped: false,
        on: withBatch(clock.on, event.batchId),
        done: false,
      };
    case 'rewet':
      return {
        ...clock,
        ...at,
        coats: [...clock.coats, event.at],
        slack: slackWith(clock, event.clock),
        on: withBatch(clock.on, event.batchId),
      };
    case 'seen-wet':
      return {
        ...clock,
        ...at,
        seen: [...clock.seen, event.at],
        slack: slackWith(clock, event.clock),
      };
    case 'found-dry':
      return { ...clock, ...at, ...ended(clock, event, 'found-dry', asked) };
    case 'wiped':
      return {
        ...clock,
        ...at,
        ...ended(clock, event, 'wiped', asked),
        done: !asked.rinses,
      };
    case 'rinsed':
      return { ...clock, ...at, on: [], done: true };
    case 'skipped':
      return { ...clock, ...at, skipped: true, done: true };
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
