/** A coat is renewed after this part of the time it holds. Source: house rule. */
export const RENEWED_AFTER = 0.85;
/** Coats cannot be renewed faster than this, s. Source: common practice, no source. */
export const FASTEST_REWET = 30;

/**
 * How often a film that holds for `holds` s is re-wet to be held for `required` s, and when;
 * `every` in s.
 */
export interface Rewets {
  count: number;
  every: number;
  at: number[];
}

export const rewetsFor = (holds: number, required: number): Rewets => {
  if (holds >= required || required === 0) return { count: 0, every: holds, at: [] };
  const every = Math.max(1, Math.floor(holds * RENEWED_AFTER));
  // Each renewal holds as long as the first coat did; the last has to reach the notch.
  const count = Math.max(0, Math.ceil((required - holds) / every));
  return { count, every, at: Array.from({ length: count }, (_, i) => (i + 1) * every) };
};
