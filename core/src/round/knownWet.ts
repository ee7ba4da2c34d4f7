import { shownUntil } from './shown.ts';
import type { SurfaceClock } from './surfaceClock.ts';
import type { Asked } from './wetEvents.ts';

/** Until when, ms, what is wet now is known to be wet without a gap; after that somebody looks. */
export const knownWetUntil = (
  clock: Pick<SurfaceClock, 'wetSince' | 'coats' | 'seen' | 'slack'>,
  { coatHolds }: Pick<Asked, 'coatHolds'>,
): number | null =>
  clock.wetSince === null
    ? null
    : shownUntil(
        { ...clock, from: clock.wetSince },
        Math.max(0, coatHolds - clock.slack),
        Infinity,
      );
