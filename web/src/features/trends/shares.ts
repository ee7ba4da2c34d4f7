import type { WetCount } from '@zymostat/contract';
import type { StretchOutcome } from '@zymostat/core';

export const dimensions = ['surface', 'room', 'home', 'person', 'solution'] as const;
export type Dimension = (typeof dimensions)[number];

/** How often wet times of one kind came to what, and for how long they were kept, s. */
export interface Share {
  name: string;
  all: number;
  counts: Record<StretchOutcome, number>;
  heldSeconds: number;
}

/**
 * Wet times put together by what `nameOf` calls them: what was least often met first, then what
 * there is most of.
 */
export const sharesBy = (
  counts: readonly WetCount[],
  nameOf: (one: WetCount) => string,
): Share[] => {
  const found = new Map<string, Share>();
  for (const one of counts) {
    const name = nameOf(one);
    const share = found.get(name) ?? {
      name,
      all: 0,
      counts: { met: 0, 'not-met': 0, 'not-shown': 0 },
      heldSeconds: 0,
    };
    share.all += one.count;
    share.counts[one.outcome] += one.count;
    share.heldSeconds += one.heldSeconds;
    found.set(name, share);
  }
  const metOf = ({ counts: { met }, all }: Share) => met / all;
  return [...found.values()].sort((a, b) => metOf(a) - metOf(b) || b.all - a.all);
};
