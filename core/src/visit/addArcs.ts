/** Arcs that a search has added to those of the problem: start[to] ≥ start[from] + lag. */
export interface Added {
  from: number[];
  to: number[];
  lag: number[];
}

/** Arcs that come and go as a search goes deeper. */
export const addArcs = () => {
  const added: Added = { from: [], to: [], lag: [] };
  return {
    added,
    follow: (from: number, to: number, lag: number): void => {
      added.from.push(from);
      added.to.push(to);
      added.lag.push(lag);
    },
    /** Takes away all but the first so many. */
    unfollow: (count: number): void => {
      added.from.length = count;
      added.to.length = count;
      added.lag.length = count;
    },
  };
};
