import type { SurfaceClock } from './surfaceClock.ts';
import { outcomeOf } from './wetClock.ts';
import type { Asked } from './wetEvents.ts';

/** What a surface came to in a round that somebody has to be told of. */
export const cames = ['not-met', 'not-shown', 'left-too-long', 'open', 'skipped'] as const;
export type Came = (typeof cames)[number];

/** What is to be told of a surface when its round is finished; nothing where all is well. */
export const cameOf = (clock: SurfaceClock, asked: Asked): Came | null => {
  const outcome = outcomeOf(clock, asked);
  if (clock.skipped) return 'skipped';
  if (outcome === 'not-met' || outcome === 'not-shown') return outcome;
  if (clock.lay?.outcome === 'too-long') return 'left-too-long';
  return clock.done ? null : 'open';
};
