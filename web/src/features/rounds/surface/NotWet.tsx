import { activeFacts, outcomeOf, type Lay } from '@zymostat/core';
import { clock, reasonInWords, strengthShort } from '@zymostat/words';
import type { ReactNode } from 'react';
import { WetBand } from '../../../ui/WetBand.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { isToBeLoosened, type Stop } from '../stop.ts';
import { isToBeRinsed, nextStep } from './nextStep.ts';
import type { SurfaceProps } from './surfaceProps.ts';

const b = (text: ReactNode) => <b>{text}</b>;
const metInk = (text: ReactNode) => <b className="met-ink">{text}</b>;

/** How long it lay, and that it was too long where it was. */
const lain = ({ outcome, longestSeconds }: Lay): ReactNode => (
  <b className={outcome === 'too-long' ? 'never-ink' : ''}>
    {w.say('round.lay', {
      outcome: w.name('layOutcome', outcome),
      time: clock(longestSeconds),
    })}
  </b>
);

/** What came of it so far. */
const cameOfIt = ({ clock: state, treatment }: Stop): ReactNode => {
  const last = state.stretches.at(-1);
  if (!last) return state.lay && !state.done ? lain(state.lay) : undefined;
  const outcome = outcomeOf(state, treatment);
  const heldSeconds = clock(last.heldSeconds);
  const times = { heldSeconds, seconds: clock(treatment.seconds) };
  if (last.ended === 'found-dry' && !state.done)
    return rich('round.foundDryAfterItStarts', { b, heldSeconds });
  if (outcome === 'not-met') return rich('round.notMetOfItIs', { b, ...times });
  if (outcome === 'not-shown')
    return rich('round.notShownOfItIs', { b, ...times, shown: clock(last.shownSeconds) });
  return outcome === 'met' ? rich('round.metOf', { b: metInk, ...times }) : undefined;
};

/** What comes next. */
const comesNext = (stop: Stop): ReactNode => {
  const { clock: state, treatment } = stop;
  if (state.skipped) return w.name('came', 'skipped');
  if (state.done) return metInk(w.name('round', 'done'));
  if (isToBeLoosened(stop)) return w.name('soakClaim', stop.surface.loosening!.claim);
  if (!treatment.use) return w.name('round', 'cleaningIsAllItNeeds');
  return treatment.seconds > 0
    ? rich('round.thenApplyAndKeepIt', { b, seconds: clock(treatment.seconds) })
    : w.name('round', 'thenGoOverItAnd');
};

const HeldBand = ({ stop: { clock: state, treatment } }: { stop: Stop }) => {
  const last = state.stretches.at(-1);
  if (!last || treatment.seconds === 0) return null;
  return (
    <div className="phone__band">
      <WetBand
        family={treatment.use ? activeFacts[treatment.use.active].family : undefined}
        required={treatment.seconds}
        held={Math.min(last.heldSeconds, treatment.seconds)}
        shown={last.outcome === 'not-shown' ? last.shownSeconds : undefined}
        scale
      />
    </div>
  );
};

/** What the protocol sets here: "Peroxide 3 %". */
const whatIsSet = ({ treatment: { use } }: Stop): string =>
  use
    ? `${w.name('family', activeFacts[use.active].family)} ${strengthShort(w, use.active, use.strength)}`
    : '';

/** Putting it on again, where that is not the next thing to do. */
const Again = ({ work: { current: stop, settling }, onDo }: SurfaceProps) => {
  const { clock: state, treatment } = stop;
  const first = state.skipped ? nextStep(stop) : null;
  if (first)
    return (
      <button aria-disabled={settling} className="btn col-span-2" onClick={() => onDo(first.kind)}>
        {first.say}
      </button>
    );
  const outcome = outcomeOf(state, treatment);
  const notMet = outcome === 'not-met' || outcome === 'not-shown';
  const again = notMet || isToBeRinsed(stop);
  const onceMore = state.washed && state.done && !notMet && treatment.use;
  if (!again && !onceMore) return null;
  return (
    <button aria-disabled={settling} className="btn col-span-2" onClick={() => onDo('applied')}>
      {again ? w.name('round', 'applyAgain') : w.name('round', 'applyOnceMore')}
    </button>
  );
};

/** Before, between and after: the next step of a surface that is not wet. */
export const NotWet = (props: SurfaceProps) => {
  const { work, onDo, onBottle, onNext, onSkip } = props;
  const { current: stop, waits, bottleFits, settling } = work;
  const step = stop.clock.skipped ? null : nextStep(stop);
  const locked = step?.kind === 'applied' && waits !== undefined;
  const takesBottle = step?.kind === 'applied' && !locked && !bottleFits;
  return (
    <>
      <HeldBand stop={stop} />
      <p className="phone__words" role="status">
        {cameOfIt(stop) ?? comesNext(stop)}
      </p>
      {locked && (
        <p className="notice mx-5 mt-3 text-[1.0625rem]" role="alert">
          {reasonInWords(w, waits)}
        </p>
      )}
      <div className="phone__acts">
        {step && !takesBottle && (
          <button
            className={`btn btn--main ${locked ? 'btn--locked' : ''}`}
            aria-disabled={settling}
            onClick={() => onDo(step.kind)}
          >
            {step.say}
            <small>{locked ? w.name('round', 'hasToWait') : step.note}</small>
          </button>
        )}
        {takesBottle && (
          <button className="btn btn--main" aria-disabled={settling} onClick={onBottle}>
            {w.name('round', 'takeTheBottle')}
            <small>{whatIsSet(stop)}</small>
          </button>
        )}
        {stop.clock.done && onNext && (
          <button className="btn btn--main" onClick={onNext}>
            {w.name('round', 'nextSurface')}
          </button>
        )}
        {isToBeLoosened(stop) && !stop.clock.skipped && (
          <button
            className="btn col-span-2"
            aria-disabled={settling}
            onClick={() => onDo('nothing-on-it')}
          >
            {w.name('round', 'nothingOnIt')}
          </button>
        )}
        <Again {...props} />
        {!stop.clock.done && (
          <button className="btn col-span-2" onClick={onSkip}>
            {w.name('round', 'notThisOne')}
          </button>
        )}
      </div>
    </>
  );
};
