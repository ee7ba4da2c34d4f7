import type { Lies } from '../jobs/soil.ts';
import type { Asked, EventClock, WetEvent } from './wetEvents.ts';
import type { Lay, LayOutcome, SurfaceClock } from './surfaceClock.ts';

/** Seconds by which two readings may be off. */
const apart = (one: EventClock, other: EventClock): number =>
  one.opening === other.opening
    ? Math.abs(one.uncertain - other.uncertain)
    : Math.max(one.uncertain, other.uncertain);

const outcomeOf = (
  { leastSeconds, longestSeconds }: Pick<Lay, 'leastSeconds' | 'longestSeconds'>,
  { least, most }: Lies,
): LayOutcome => {
  if (most !== null && longestSeconds > most) return 'too-long';
  return leastSeconds < least ? 'too-short' : 'in-time';
};

/**
 * How long it lay once it is taken off. Of two readings the longer counts against what it may, and
 * the shorter against what it must.
 */
export const layOf = (
  { since, by }: NonNullable<SurfaceClock['lying']>,
  { at, clock }: { at: number; clock: EventClock },
  lies: Lies,
): Lay => {
  const off = apart(by, clock);
  const seconds = Math.max(0, at - since) / 1000;
  const lay = {
    longestSeconds: Math.ceil(seconds + off),
    leastSeconds: Math.max(0, Math.floor(seconds - off)),
  };
  return { from: since, to: at, ...lay, outcome: outcomeOf(lay, lies) };
};

/** The clock after something was laid on to work by itself, taken off, or found to be needless. */
export const afterLaying = (clock: SurfaceClock, event: WetEvent, asked: Asked): SurfaceClock => {
  const at = { lastAt: event.at };
  if (event.kind === 'nothing-on-it') return { ...clock, ...at, loosened: true };
  if (event.kind === 'taken-off') {
    const { lying, ...rest } = clock;
    const lay = lying && asked.lies ? { lay: layOf(lying, event, asked.lies) } : {};
    return { ...rest, ...at, ...lay, loosened: true, washed: false };
  }
  const { lay: _, loosened: __, ...rest } = clock;
  const lying = { since: event.at, by: event.clock };
  return { ...rest, ...at, lying, washed: false, skipped: false, done: false };
};

/** What is due at something that lies, and by when, ms since 1970. */
export interface LayDue {
  what: 'look' | 'take-off';
  at: number;
  /** It is past its longest time. */
  over: boolean;
}

/** When somebody looks at what lies, and by when it must be off; nothing where nothing lies. */
export const layDue = (
  { lying }: Pick<SurfaceClock, 'lying'>,
  { least, most }: Lies,
  now: number,
): LayDue | null => {
  if (!lying) return null;
  const looked = lying.since + least * 1000;
  if (now < looked) return { what: 'look', at: looked, over: false };
  const off = most === null ? looked : lying.since + most * 1000;
  return { what: 'take-off', at: off, over: most !== null && now > off };
};
