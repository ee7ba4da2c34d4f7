/** What came of a stretch of wetness. */
export const stretchOutcomes = ['met', 'not-met', 'not-shown'] as const;
export type StretchOutcome = (typeof stretchOutcomes)[number];

/** A stretch as it was seen: when each coat went on and when somebody saw it wet, ms since 1970. */
export interface SeenStretch {
  from: number;
  coats: readonly number[];
  seen: readonly number[];
}

/** A wait of more than this many times the required one was forgotten, not held. */
const FORGOTTEN = 2;
/** Whether what lay wet for so many ms was forgotten, and not held for its required `seconds`. */
export const isForgotten = (ms: number, seconds: number): boolean =>
  ms > FORGOTTEN * seconds * 1000;

/**
 * Until when, ms, a stretch that ends at `to` is known to have been wet without a gap. Each coat
 * counts for as long as a coat holds there, `coatHolds` s, and for as long as somebody saw it wet
 * before the next; after that nobody knows. Nothing that comes later fills a gap.
 */
export const shownUntil = (
  { from, coats, seen }: SeenStretch,
  coatHolds: number,
  to: number,
): number => {
  let shown = from;
  for (const [i, coat] of coats.entries()) {
    const next = Math.min(coats[i + 1] ?? to, to);
    const looked = seen.filter((at) => at >= coat && at <= next);
    shown = Math.min(next, Math.max(shown, coat + coatHolds * 1000, ...looked));
    if (shown < next) break;
  }
  return shown;
};

/**
 * What came of a stretch that was wiped at `to`. Met only where it was wet for all of the required
 * time, `seconds`, as far as anybody knows; one that was left for more than twice as long was
 * forgotten, and counts only where it is known to have been wet until the end. Source: house rule.
 * Where clocks disagree by `slack`, s, it may have been that much shorter, or longer.
 */
export const outcomeOfWiped = (
  stretch: SeenStretch,
  { seconds, coatHolds, slack }: { seconds: number; coatHolds: number; slack: number },
  to: number,
): StretchOutcome => {
  const required = (seconds + slack) * 1000;
  const long = to - stretch.from;
  if (long < required) return 'not-met';
  const longest = long + slack * 1000;
  const asked = isForgotten(longest, seconds) ? longest : required;
  return shownUntil(stretch, coatHolds, to) >= stretch.from + asked ? 'met' : 'not-shown';
};
