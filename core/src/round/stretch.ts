import { outcomeOfWiped, shownUntil } from './shown.ts';
import type { Stretch, SurfaceClock } from './surfaceClock.ts';
import type { Asked, EventClock, WetEvent } from './wetEvents.ts';

/** Whole seconds that a stretch from `from` to `to` (ms) was held; never rounded up. */
export const secondsBetween = (from: number, to: number): number =>
  Math.max(0, Math.floor((to - from) / 1000));

/** Nothing is wet on it any more. */
const nothingOn = { wetSince: null, coats: [], seen: [], begunBy: null, slack: 0 };

/**
 * Within one opening what lies between two events is exact, unless one of them had to be moved;
 * between two openings each may be off by its own, and the other way round than the other.
 */
export const slackWith = (
  { begunBy, slack }: SurfaceClock,
  { opening, uncertain }: EventClock,
): number => {
  if (begunBy === null) return slack;
  const apart =
    begunBy.opening === opening
      ? Math.abs(begunBy.uncertain - uncertain)
      : begunBy.uncertain + uncertain;
  return Math.max(slack, apart);
};

/** The clock once the stretch in progress is over, if there is one. */
export const ended = (
  clock: SurfaceClock,
  { at, clock: by }: WetEvent,
  how: Stretch['ended'],
  asked: Asked,
): Pick<SurfaceClock, 'stretches' | keyof typeof nothingOn> => {
  const { wetSince: from, coats, seen, stretches } = clock;
  if (from === null) return { ...nothingOn, stretches };
  const lay = { from, coats, seen };
  const slack = slackWith(clock, by);
  // Where it was found dry, the coat did not hold as long as is expected: only what was seen counts.
  const coatHolds = how === 'found-dry' ? 0 : Math.max(0, asked.coatHolds - slack);
  // Of two readings the shorter wet time counts.
  const surely = from + slack * 1000;
  // A look that a clock set back has moved onto a coat may have been after it.
  const known = { ...lay, seen: slack > 0 ? seen.filter((one) => !coats.includes(one)) : seen };
  const { seconds } = asked;
  const stretch: Stretch = {
    ...lay,
    to: at,
    heldSeconds: secondsBetween(surely, at),
    shownSeconds: secondsBetween(surely, shownUntil(known, coatHolds, at)),
    uncertainSeconds: slack,
    ended: how,
    outcome: how === 'wiped' ? outcomeOfWiped(known, { seconds, coatHolds, slack }, at) : 'not-met',
  };
  return { ...nothingOn, stretches: [...stretches, stretch] };
};
