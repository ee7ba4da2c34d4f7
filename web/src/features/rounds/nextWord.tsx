import { outcomeOf } from '@zymostat/core';
import { cleanedStep, clock } from '@zymostat/words';
import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { heldSoFar, isWet, type Stop } from './stop.ts';

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

/** What a surface waits for, in a word or a time. */
export const nextWord = (stop: Stop, now: number): ReactNode => {
  const { clock: state, treatment } = stop;
  if (isWet(stop)) {
    const left = treatment.seconds - heldSoFar(stop, now);
    if (left <= 0) return <b className="never-ink">{w.name('round', 'wipeNow')}</b>;
    return rich('round.wipeIn', { b: (text) => <b className="fig">{text}</b>, left: clock(left) });
  }
  if (state.done)
    return outcomeOf(state, treatment) === 'not-met'
      ? w.name('round', 'notMet')
      : w.name('round', 'isDone');
  return afterStretch(stop) ?? beforeAnything(stop);
};
