import * as response from './response.ts';
import * as roundNames from './roundNames.ts';
import * as jobs from './jobs.ts';
import * as steps from './steps.ts';
import * as roundPage from './pages/round.ts';
import * as photosPage from './pages/photos.ts';
import * as wayInPage from './pages/wayIn.ts';

/** What a round says on the phone, in English. */
export const round = {
  ...response,
  ...roundNames,
  ...jobs,
  ...steps,
  ...roundPage,
  ...photosPage,
  ...wayInPage,
};
