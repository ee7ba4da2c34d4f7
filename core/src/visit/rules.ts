/** What a free cleaner takes next: the lowest sum of its soonest start and these, s. */
export interface Rule {
  /** Of the walk to it. */
  walk: number;
  /** Of the time that must pass after it, taken away: long waits first. */
  tail: number;
  /** Of its place in the list. */
  place: number;
  /** Of its own rank, s. */
  any: number;
  /** A rank from 0 to 1 by operation; the soonest goes first. */
  ranks?: Float64Array;
}

/** The simple overlap rule: whoever is free takes what can begin soonest, in the order of the list. */
export const simpleOverlap: Rule = { walk: 0, tail: 0, place: 1e-3, any: 0 };
/** Long waits first. */
export const longestFirst: Rule = { walk: 0, tail: 1e-2, place: 1e-6, any: 0 };
/** Long waits first, but rather here than elsewhere. */
export const nearFirst: Rule = { walk: 1, tail: 0.1, place: 1e-6, any: 0 };
