import { assigner, type WeekProblem, type WeekVisit } from '@zymostat/core';
import { expose } from 'comlink';

/** How long it searches, and how often it lets go, ms. */
const LONGEST_MS = 3000;
const SLICE_MS = 100;

const worker = {
  /** Who goes where, after some seconds of searching. */
  assign: async (problem: WeekProblem): Promise<WeekVisit[]> => {
    const search = assigner(problem, 1);
    const begun = performance.now();
    while (performance.now() - begun < LONGEST_MS) {
      const until = performance.now() + SLICE_MS;
      search.run(Number.MAX_SAFE_INTEGER, () => performance.now() < until);
      await new Promise((later) => setTimeout(later));
    }
    return search.best();
  },
};
export type WeekWorker = typeof worker;
expose(worker);
