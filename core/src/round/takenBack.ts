import type { EventClock } from './wetEvents.ts';

/** Something done, or that something done is taken back: its id. */
export interface DoneOrTakenBack {
  id: string;
  takesBack?: string;
}

/**
 * What still stands of what was told: neither what was taken back nor that it was. Whoever takes
 * something back says it after it was done, so that order does not matter here.
 */
export const withoutTakenBack = <Told extends DoneOrTakenBack>(told: readonly Told[]): Told[] => {
  const back = new Set(told.flatMap(({ takesBack }) => takesBack ?? []));
  return told.filter(({ id, takesBack }) => takesBack === undefined && !back.has(id));
};

/** For so long a slip of the thumb is taken back without a reason, s. Source: house rule. */
export const UNDO_SECONDS = 10;
/** What a tap at the last moment takes to be told, s. */
const TAPPING = 2;

interface When {
  at: number;
  clock: EventClock;
}

/** Whether something is taken back at once, as far as the clocks that timed both can tell. */
export const isAtOnce = (done: When, back: When): boolean =>
  back.at - done.at <=
  (UNDO_SECONDS + TAPPING + done.clock.uncertain + back.clock.uncertain) * 1000;
