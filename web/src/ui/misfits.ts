import { misfitInWords } from '@zymostat/words';
import * as v from 'valibot';
import { w } from '../words/words.ts';

type Issue = v.BaseIssue<unknown>;

/** What does not fit, each at its place in the file. */
export const misfits = (issues: readonly Issue[]): string =>
  issues
    .map((issue) => {
      const path = v.getDotPath(issue as never) ?? w.name('survey', 'theFile');
      return w.say('problemDetail.field', { path, message: misfitInWords(w, issue) });
    })
    .join(' ');
