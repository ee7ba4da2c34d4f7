import { outcomeOf, type StretchOutcome } from '@zymostat/core';
import { cleanedStep, clock } from '@zymostat/words';
import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { dueAt, isAlone, isToBeLoosened, type Stop } from './stop.ts';

/** What is begun already: dry again, or to be rinsed. */
const afterStretch = ({ clock: { stretches } }: Stop): string | undefined => {
  const last = stretches.at(-1);
  if (!last) return undefined;
  return last.ended === 'wiped' ? w.name('round', 'rinse') : w.name('round', 'dryAgain');
};

const beforeAnything = ({ surface, treatment, clock: { lifted, washed } }: Stop): string => {
  if (treatment.flushes && !lifted)
    return treatment.lifts ? w.name('round', 'tabletOutFirst') : w.name('round', 'flushFirst');
  if (washed) return w.name('round', 'applyNow');
  const clean = w.name('step', cleanedStep(surface.steps));
  return surface.treatment ? w.say('round.apply', { clean }) : clean;
};

const doneWords: Record<StretchOutcome, () => string> = {
  met: () => w.name('round', 'isDone'),
  'not-met': () => w.name('round', 'notMet'),
  'not-shown': () => w.name('round', 'notShown'),
};

/** What a surface waits for, in a word or a time. */
export const nextWord = (stop: Stop, now: number): ReactNode => {
  const { clock: state, treatment } = stop;
  if (isAlone(stop)) {
    const { what, at } = dueAt(stop, now)!;
    if (at <= now) return <b className="never-ink">{w.name('round', `${what}Now`)}</b>;
    return rich(`round.${what}In`, {
      b: (text) => <b className="fig">{text}</b>,
      left: clock((at - now) / 1000),
    });
  }
  if (state.skipped) return w.name('came', 'skipped');
  if (isToBeLoosened(stop)) return w.name('round', 'putItOn');
  if (state.done) return doneWords[outcomeOf(state, treatment) ?? 'met']();
  return afterStretch(stop) ?? beforeAnything(stop);
};
