import type { EventKind } from '@zymostat/core';
import type { RoundWork } from '../useRoundWork.ts';

/** A surface as it is worked at, and what may be done there. */
export interface SurfaceProps {
  work: RoundWork;
  onDo: (...kinds: EventKind[]) => void;
  onBottle: () => void;
  onWipe: () => void;
  onNext: (() => void) | undefined;
  onSkip: () => void;
}
