import { isRinse, type EventKind } from '@zymostat/core';
import { cleanedStep, clock, duration } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { isToBeLoosened, type Stop } from '../stop.ts';

/** The one thing to do next at a surface that is not wet, as its button says it. */
export interface NextStep {
  kind: EventKind;
  say: string;
  note: string;
}

const flush = ({ treatment }: Stop): NextStep =>
  treatment.lifts
    ? {
        kind: 'lifted',
        say: w.name('round', 'tabletOutFlushedTwice'),
        note: w.name('round', 'glovesOnItGoesInto'),
      }
    : {
        kind: 'lifted',
        say: w.name('round', 'bowlFlushed'),
        note: w.name('round', 'nothingOfItLeft'),
      };

const wash = ({ surface, treatment }: Stop): NextStep => ({
  kind: 'washed',
  say: w.name('cleaned', cleanedStep(surface.steps)),
  note: treatment.use ? w.name('round', 'dirtMakesItTooWeak') : w.name('round', 'thatIsAllItNeeds'),
});

const layOn = ({ treatment }: Stop): NextStep => ({
  kind: 'laid',
  say: w.name('round', 'laidOn'),
  note: w.say('round.clockStarts', { least: duration(w, treatment.lies!.least) }),
});

const rinse = ({ surface }: Stop): NextStep => ({
  kind: 'rinsed',
  say: w.name('round', 'rinsed'),
  note:
    surface.steps.find(isRinse) === 'rinse-drinking'
      ? w.name('round', 'withDrinkingWater')
      : w.name('round', 'withCleanWater'),
});

const apply = ({ treatment: { seconds } }: Stop): NextStep => ({
  kind: 'applied',
  say: w.name('round', 'applied'),
  note:
    seconds > 0
      ? w.say('round.starts', { seconds: clock(seconds) })
      : w.name('round', 'noWaitItOnlyCleans'),
});

/** It was wiped, and is still to be rinsed. */
export const isToBeRinsed = ({ clock: { stretches, done } }: Stop): boolean =>
  stretches.at(-1)?.ended === 'wiped' && !done;

export const nextStep = (stop: Stop): NextStep | null => {
  const { clock: state, treatment } = stop;
  if (treatment.flushes && !state.lifted) return flush(stop);
  if (isToBeLoosened(stop)) return layOn(stop);
  if (!state.washed) return wash(stop);
  if (isToBeRinsed(stop)) return rinse(stop);
  return state.done ? null : apply(stop);
};
