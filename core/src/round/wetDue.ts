import { isForgotten } from './shown.ts';
import { type Asked } from './wetEvents.ts';
import { type SurfaceClock } from './surfaceClock.ts';
import { knownWetUntil } from './knownWet.ts';

/** What is to be done next at a surface that is wet, and by when, ms since 1970. */
export interface WetDue {
  what: 'rewet' | 'look' | 'wipe';
  at: number;
}

/** What lies on a surface now, and what is asked of it. */
type Lying = Pick<SurfaceClock, 'wetSince' | 'coats' | 'seen' | 'slack'>;
type Held = Pick<Asked, 'seconds' | 'coatHolds'>;

/** Nothing that is done now could still show that it was wet all along: somebody re-wet it unseen. */
export const hasGap = (clock: Lying, asked: Held): boolean => {
  const known = knownWetUntil(clock, asked);
  return known !== null && known < (clock.coats.at(-1) ?? 0);
};

/**
 * What is due at a surface: a coat is renewed before it may be dry; where it may be dry somebody
 * looks, once then and once when its time is over; what is known to have been wet for its time is
 * wiped. Nothing where nothing is wet. `now` in ms since 1970.
 */
export const wetDue = (clock: Lying, asked: Held, now: number): WetDue | null => {
  const { wetSince, coats, seen, slack } = clock;
  const known = knownWetUntil(clock, asked);
  if (wetSince === null || known === null) return null;
  // Where clocks disagree, it is waited out by the one that says less.
  const end = wetSince + (asked.seconds + slack) * 1000;
  if (asked.seconds === 0 || hasGap(clock, asked)) return { what: 'wipe', at: end };
  const forgotten = isForgotten(now - wetSince, asked.seconds);
  if (known >= end && (known >= now || !forgotten)) return { what: 'wipe', at: end };
  if (now >= end) return { what: 'look', at: end };
  const mayBeDry = coats.at(-1)! + Math.max(0, asked.coatHolds - slack) * 1000;
  if (seen.some((at) => at >= mayBeDry)) return { what: 'look', at: end };
  return now < known ? { what: 'rewet', at: known } : { what: 'look', at: known };
};
