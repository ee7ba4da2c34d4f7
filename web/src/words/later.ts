import { lazy } from 'react';
import { learnRest, learnRound } from './words.ts';

type Later = typeof lazy;

const after = (learn: () => Promise<unknown>): Later => {
  return (load) =>
    lazy(async () => {
      const [, module] = await Promise.all([learn(), load()]);
      return module;
    });
};

/**
 * Something that is fetched when it is first shown, and with it all that may be said in it. The
 * first page's own catalogue holds only what the first page says.
 */
export const later = after(learnRest);

/** The same for what is shown on a round, which says no more than a round says. */
export const laterOnRound = after(learnRound);
