import * as figures from './figures.ts';
import * as flags from './flags.ts';
import * as jobNames from './jobNames.ts';
import * as materials from './materials.ts';
import * as names from './names.ts';
import * as neverCombine from './neverCombine.ts';
import * as reasons from './reasons.ts';
import * as standing from './standing.ts';
import * as commonPage from './pages/common.ts';
import * as homesPage from './pages/homes.ts';
import * as peoplePage from './pages/people.ts';
import * as reviewPage from './pages/review.ts';
import * as shellPage from './pages/shell.ts';

/** What the first page says, in Spanish. */
export const first = {
  ...figures,
  ...flags,
  ...jobNames,
  ...materials,
  ...names,
  ...neverCombine,
  ...reasons,
  ...standing,
  ...commonPage,
  ...homesPage,
  ...peoplePage,
  ...reviewPage,
  ...shellPage,
};
