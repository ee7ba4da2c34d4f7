import { activeFacts } from '@zymostat/core';
import { percent } from '@zymostat/words';
import { WentWrong } from '../../../ui/parts.tsx';
import { StrengthRule } from '../../../ui/StrengthRule.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { NextButton } from './PourButtons.tsx';
import { PourFigure } from './PourFigure.tsx';
import { PourNotes } from './PourNotes.tsx';
import { PourRule } from './PourRule.tsx';
import { grams, millilitres, nameOfPart, sayNow } from './pourWords.tsx';
import type { Weighed } from './usePour.ts';
import { massOf, usePourSteps, type Pouring, type PourStepsState } from './usePourSteps.ts';
import { useTaring } from './useTaring.ts';

export type { How } from './usePourSteps.ts';

interface OfSteps {
  pouring: Pouring;
  steps: PourStepsState;
}

/** What comes in what order, and how far it is. */
const List = ({ pouring, steps: { parts, filled, meant, begun } }: OfSteps) => {
  const byScale = pouring.how === 'scale';
  const missing = parts.find((part) => !filled.includes(part));
  return (
    <ol className="weigh__steps">
      {byScale && (
        <li className={begun ? 'done' : ''} aria-current={begun ? undefined : 'step'}>
          <span>{w.name('bench', 'bottleTared')}</span>
          <span className="fig">{w.name('bench', 'n0G')}</span>
        </li>
      )}
      {parts.map((part) => (
        <li
          key={part}
          className={filled.includes(part) ? 'done' : ''}
          aria-current={begun && missing === part ? 'step' : undefined}
        >
          <span>{nameOfPart(pouring, part)}</span>
          <span className="fig">
            {byScale
              ? w.say('bench.g', { mass: grams(meant[part]) })
              : w.say('bench.ml4', { ml: millilitres(pouring.pour[part]) })}
          </span>
        </li>
      ))}
    </ol>
  );
};

const Title = ({ how, target, stock }: Pouring) => (
  <p className="crumb">
    <b>{how === 'scale' ? w.name('bench', 'weighOut') : w.name('bench', 'pour')}</b> ·{' '}
    {percent(w, target)} {w.name('active', stock.active)}
  </p>
);

/** The strength of what is in the vessel now, on the way to what it will be. */
const StrengthNow = ({ pouring: { stock, span }, steps: { whole, strength } }: OfSteps) => (
  <div>
    <p className="small soft flex justify-between">
      <span>{w.name('bench', 'strengthAsItStands')}</span>
      <span>
        {rich('bench.willBe', {
          b: (text) => <b className="fig text-ink">{text}</b>,
          strength: percent(w, whole.strength),
        })}
      </span>
    </p>
    <StrengthRule
      family={activeFacts[stock.active].family}
      stock={stock.strength}
      span={span}
      batch={strength}
    />
  </div>
);

interface Props extends Pouring {
  onDone: (weighed?: Weighed) => void;
  onLeave: () => void;
}

/**
 * Pours a batch step by step, in figures that read from a metre away: by measure, or filling up
 * with the scale. What was poured too much is put right for the whole batch.
 */
export const PourSteps = ({ onDone, onLeave, ...pouring }: Props) => {
  const { how } = pouring;
  const taring = useTaring(how, massOf(pouring));
  const steps = usePourSteps(pouring, taring.shown, taring.begun);
  const { meant, current, now, band, weighing } = steps;
  return (
    <section
      className="weigh on-ink"
      aria-label={
        how === 'scale' ? w.name('bench', 'weighOutLive') : w.name('bench', 'pourStepByStep')
      }
    >
      <div>
        <Title {...pouring} />
        <List pouring={pouring} steps={steps} />
      </div>
      <div>
        <PourFigure pouring={pouring} steps={steps} taring={taring} />
      </div>
      <div className="min-w-0">
        <p className="weigh__say" role="status">
          {sayNow(pouring, steps, taring)}
        </p>
        {weighing && (
          <PourRule now={now * 1000} target={meant[current] * 1000} most={band.to * 1000} />
        )}
        <PourNotes pouring={pouring} steps={steps} steady={taring.steady} />
        <WentWrong error={taring.error} />
        <p className="mt-3 flex flex-wrap gap-3">
          <NextButton pouring={pouring} steps={steps} taring={taring} onDone={onDone} />
          <button className="btn btn--on-ink" onClick={onLeave}>
            {w.name('bench', 'leaveIt')}
          </button>
        </p>
      </div>
      <StrengthNow pouring={pouring} steps={steps} />
    </section>
  );
};
