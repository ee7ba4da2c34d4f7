import { lazy } from 'react';
import { learnRest } from './words.ts';

/**
 * Something that is fetched when it is first shown, and with it all that may be said in it. The
 * first page's own catalogue holds only what the first page says.
 */
export const later: typeof lazy = (load) =>
  lazy(async () => {
    const [, module] = await Promise.all([learnRest(), load()]);
    return module;
  });
