import { inMillilitres, type doubtOfTare } from '@zymostat/core';
import type { ReactNode } from 'react';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { Part, Pouring, PourStepsState } from './usePourSteps.ts';
import type { Taring } from './useTaring.ts';

type Doubt = NonNullable<ReturnType<typeof doubtOfTare>>;

const b = (text: ReactNode) => <b className="fig">{text}</b>;

/** kg in grams, to a tenth. */
export const grams = (kilograms: number): string => (kilograms * 1000).toFixed(1);
export const millilitres = (volume: number): string => inMillilitres(volume).toFixed(0);

export const nameOfPart = ({ stock }: Pouring, part: Part): string =>
  part === 'water' ? w.name('bench', 'water') : stock.name;

const doubtInWords: Record<Doubt, (weight: string) => string> = {
  'below-zero': () => w.name('bench', 'theScaleWasSetTo'),
  'no-bottle': (weight) => w.say('bench.onlyGIsABottle', { weight }),
  'not-empty': (weight) => w.say('bench.gIsHeavyForAn', { weight }),
};

const beforeItBegins = ({ doubt, shown, empty }: Taring): string => {
  if (doubt) return doubtInWords[doubt](grams(shown ?? 0));
  return empty ? w.name('bench', 'theScaleIsAtZero') : w.name('bench', 'putTheEmptyBottleOn');
};

/** What is to be done now, in one sentence that reads from a metre away. */
export const sayNow = (pouring: Pouring, steps: PourStepsState, taring: Taring): ReactNode => {
  const { done, begun, poured, meant, current, now, reached } = steps;
  if (done) return rich('bench.pouredItHoldsG', { b, water: grams(poured.water + poured.stock) });
  if (!begun) return beforeItBegins(taring);
  const part = nameOfPart(pouring, current).toLowerCase();
  if (pouring.how === 'measure') return w.say('bench.pourThe', { current: part });
  if (steps.over && taring.steady)
    return w.say('bench.gTooMuch', { now: grams(now - meant[current]), current: part });
  if (reached) return w.say('bench.enough', { current: part });
  const more = grams(Math.max(0, meant[current] - now));
  return rich('bench.pourGMore', { b, max: more, current: part });
};
