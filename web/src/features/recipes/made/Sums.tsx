import { inMillilitres } from '@zymostat/core';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

/** Less than this nobody can measure. */
const NOTICED = 0.0005;

const ml = (volume: number) => w.say('bench.ml2', { volume: inMillilitres(volume).toFixed(0) });

const PouredTogether = ({ made: { formula, assumedSize } }: { made: Made }) => {
  const less = inMillilitres(formula.pouredVolume - formula.volume).toFixed(0);
  return (
    <li className="recipe__sum">
      <span />
      <span>{w.name('bench', 'pouredTogether')}</span>
      <span className="fig">{ml(formula.pouredVolume)}</span>
      <span className="recipe__read">
        {formula.contraction > NOTICED && w.say('bench.theAlcoholAndWaterClose', { less })}{' '}
        {assumedSize && w.name('bench', 'theSizeIsTakenAs')}
      </span>
    </li>
  );
};

/** What was poured and what stands in the bottle. */
export const Sums = ({ made }: { made: Made }) => (
  <ol className="recipe" aria-label={w.name('bench', 'inAll')}>
    <PouredTogether made={made} />
    <li className="recipe__sum recipe__sum--total">
      <span />
      <span>{w.name('bench', 'inTheBottle')}</span>
      <span className="fig">{ml(made.formula.volume)}</span>
      <span className="recipe__read">
        {w.say('bench.weighsG', { mass: (made.formula.mass * 1000).toFixed(0) })}
      </span>
    </li>
  </ol>
);
