import { activeFacts, hasGap, secondsBetween, type EventKind } from '@zymostat/core';
import { clock } from '@zymostat/words';
import type { ReactNode } from 'react';
import { WetBand } from '../../../ui/WetBand.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { dueAt, heldSoFar, isOver, type Stop } from '../stop.ts';
import { Look, unseenSoFar } from './Look.tsx';

interface Props {
  stop: Stop;
  now: number;
  /** The last tap was just now: none is taken yet. */
  settling: boolean;
  onDo: (...kinds: EventKind[]) => void;
  onWipe: () => void;
}

const besideClock = (stop: Stop, over: boolean): [string, string] => {
  if (stop.treatment.seconds === 0) return [w.name('round', 'on'), w.name('round', 'thenWipe')];
  if (!over) return [w.name('round', 'moreKeptWet'), w.name('round', 'thenWipe')];
  return hasGap(stop.clock, stop.treatment)
    ? [w.name('round', 'timeIsOver'), w.name('round', 'wipeIt')]
    : [w.name('round', 'met'), w.name('round', 'wipeIt')];
};

/** What is left of the required time; it does not count on behind it. */
const Clock = ({ stop, now }: Props) => {
  const left = Math.max(0, stop.treatment.seconds - heldSoFar(stop, now));
  const [first, then] = besideClock(stop, isOver(stop, now));
  return (
    <div className="phone__clock">
      <span className="fig" role="timer" aria-label={w.name('round', 'wetTimeLeft')}>
        {clock(left)}
      </span>
      <p>
        {first}
        <br />
        {then}
      </p>
    </div>
  );
};

const Band = ({ stop, now }: Props) => {
  const { treatment, clock: state } = stop;
  const { seconds, use } = treatment;
  if (seconds === 0) return null;
  const held = Math.min(heldSoFar(stop, now), seconds);
  return (
    <div className="phone__band">
      <WetBand
        family={use ? activeFacts[use.active].family : undefined}
        required={seconds}
        now={held}
        shown={heldSoFar(stop, now) - unseenSoFar(stop, now)}
        rewets={state.coats
          .slice(1)
          .map((at) => secondsBetween(state.wetSince!, at))
          .filter((at) => at <= seconds)}
        axis={seconds * 1.12}
        scale
      />
    </div>
  );
};

const b = (text: ReactNode) => <b>{text}</b>;

const whatToDo = ({ stop, now }: Props): ReactNode => {
  const { treatment, clock: state } = stop;
  if (treatment.seconds === 0) return w.name('round', 'itOnlyCleansNoTime');
  if (hasGap(state, treatment)) return w.name('round', 'nobodyLookedSoItStays');
  const { what, at } = dueAt(stop, now)!;
  if (what === 'wipe' && at <= now) return w.name('round', 'theWetTimeIsMet');
  return what === 'rewet'
    ? rich('round.reWetItWithin', { b, left: clock((at - now) / 1000) })
    : w.name('round', 'wetUntilItIsOver');
};

const wordsWhenOver = (stop: Stop): string => {
  const { seconds } = stop.treatment;
  return seconds > 0 ? w.say('round.after', { held: clock(seconds) }) : w.name('round', 'andDone');
};

/** Its time is over: wiping comes first. */
const ActsOver = ({ stop, settling, onDo, onWipe }: Props) => (
  <div className="phone__acts">
    <button aria-disabled={settling} className="btn btn--main" onClick={onWipe}>
      {w.name('round', 'wiped')}
      <small>{wordsWhenOver(stop)}</small>
    </button>
    <button aria-disabled={settling} className="btn" onClick={() => onDo('found-dry')}>
      {w.name('round', 'foundItDry')}
    </button>
    <button aria-disabled={settling} className="btn" onClick={() => onDo('rewet')}>
      {w.name('round', 'reWet')}
    </button>
  </div>
);

const ActsRunning = ({ stop, settling, onDo, onWipe }: Props) => (
  <div className="phone__acts">
    <button aria-disabled={settling} className="btn btn--main" onClick={() => onDo('rewet')}>
      {w.name('round', 'iHaveReWetIt')}
      <small>{w.say('round.soFar', { coatsCount: stop.clock.coats.length })}</small>
    </button>
    <button aria-disabled={settling} className="btn" onClick={() => onDo('found-dry')}>
      {w.name('round', 'foundItDry')}
    </button>
    <button aria-disabled={settling} className="btn btn--locked" onClick={onWipe}>
      {w.say('round.wipeAt', { seconds: clock(stop.treatment.seconds) })}
    </button>
  </div>
);

const isToBeLookedAt = (stop: Stop, now: number): boolean => {
  const due = dueAt(stop, now);
  return due?.what === 'look' && due.at <= now;
};

/** While it is wet: the clock, the band, and what may be done; or somebody has to look. */
export const Wet = (props: Props) => {
  const { stop, now } = props;
  if (isToBeLookedAt(stop, now))
    return (
      <>
        <h2 className="phone__ask">{w.name('round', 'lookIsItStillWet')}</h2>
        <Band {...props} />
        <Look {...props} />
      </>
    );
  const Acts = isOver(stop, now) ? ActsOver : ActsRunning;
  return (
    <>
      <Clock {...props} />
      <Band {...props} />
      <p className="phone__words">{whatToDo(props)}</p>
      <Acts {...props} />
    </>
  );
};
