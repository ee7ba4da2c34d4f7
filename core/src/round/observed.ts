import type { Stretch } from './surfaceClock.ts';

/**
 * What a coat was seen to do, s from when it went on: wet up to `wet`, and dry by `dry`, nothing
 * where nobody found it so.
 */
export interface Observed {
  wet: number;
  dry: number | null;
  /** How long it holds by the tables, s. */
  expected: number;
}

/** When a coat was last seen wet, ms: when it went on, where nobody looked. */
const seenUntil = (seen: readonly number[], { on, until }: { on: number; until: number }): number =>
  Math.max(on, ...seen.filter((at) => at >= on && at <= until));

/** Each coat of a stretch with when the next one went on, or the stretch was over. */
const coatsIn = ({ coats, to }: Stretch): { on: number; until: number }[] =>
  coats.map((on, i) => ({ on, until: coats[i + 1] ?? to }));

/**
 * What a stretch tells of its coats. A re-wet before a coat's time is out counts as seen wet; that
 * something was wiped tells nothing. Source: docs/decisions.md, "The round".
 */
export const observedIn = (stretch: Stretch, coatHolds: number, expected: number): Observed[] =>
  coatsIn(stretch).flatMap(({ on, until }, i): Observed[] => {
    const last = i === stretch.coats.length - 1;
    const seen = seenUntil(stretch.seen, { on, until });
    const inTime = !last && until - on <= coatHolds * 1000 ? until : on;
    const wet = (Math.max(seen, inTime) - on) / 1000;
    const dry = last && stretch.ended === 'found-dry' ? (until - on) / 1000 : null;
    if (wet === 0 && dry === null) return [];
    return [{ wet, dry: dry === null ? null : Math.max(dry, wet + 1), expected }];
  });
