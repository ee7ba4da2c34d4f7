/**
 * How far a round is before (over 0) or behind (under 0) its usual length, s: what is done of it is
 * taken to have taken its share of the usual time. Nothing where nobody knows the usual length.
 * Source: common practice, no source.
 */
export const paceOf = ({
  elapsed,
  done,
  total,
  usual,
}: {
  elapsed: number;
  done: number;
  total: number;
  usual: number | null;
}): number | null => {
  if (usual === null || total === 0) return null;
  return Math.round((done / total) * usual - elapsed);
};

/** As many of the last rounds of a home make its usual length. */
export const USUAL_OF = 10;

/** The usual length: the middle one of the last rounds, s; nothing of fewer than three. */
export const usualOf = (lengths: readonly number[]): number | null => {
  const last = lengths.slice(0, USUAL_OF).sort((a, b) => a - b);
  return last.length < 3 ? null : last[Math.floor((last.length - 1) / 2)]!;
};
