import { activeFacts, secondsBetween, type EventKind } from '@zymostat/core';
import { clock } from '@zymostat/words';
import { WetBand } from '../../../ui/WetBand.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { heldSoFar, isDue, type Stop } from '../stop.ts';

interface Props {
  stop: Stop;
  now: number;
  onDo: (kind: EventKind) => void;
  onWipe: () => void;
}

/** From here on the figure is drawn smaller, so that it fits. */
const LONG = 600;

const besideClock = ({ treatment }: Stop, due: boolean): [string, string] => {
  if (treatment.seconds === 0) return [w.name('round', 'on'), w.name('round', 'thenWipe')];
  return due
    ? [w.name('round', 'met'), w.name('round', 'wipeIt')]
    : [w.name('round', 'moreKeptWet'), w.name('round', 'thenWipe')];
};

const Clock = ({ stop, now }: Props) => {
  const left = stop.treatment.seconds - heldSoFar(stop, now);
  const due = isDue(stop, now);
  const [first, then] = besideClock(stop, due);
  return (
    <div className="phone__clock">
      <span
        className={`fig ${Math.abs(left) >= LONG ? 'fig--long' : ''}`}
        role="timer"
        aria-label={due ? w.name('round', 'overTheWetTimeBy') : w.name('round', 'wetTimeLeft')}
      >
        {clock(Math.abs(left))}
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
  const held = heldSoFar(stop, now);
  if (treatment.seconds === 0) return null;
  return (
    <div className="phone__band">
      <WetBand
        family={treatment.use ? activeFacts[treatment.use.active].family : undefined}
        required={treatment.seconds}
        now={held}
        rewets={state.coats.slice(1).map((at) => secondsBetween(state.wetSince!, at))}
        axis={Math.max(treatment.seconds * 1.12, held * 1.02)}
        scale
      />
    </div>
  );
};

const whatToDo = ({ stop, now }: Props) => {
  if (stop.treatment.seconds === 0) return w.name('round', 'itOnlyCleansNoTime');
  return isDue(stop, now)
    ? w.name('round', 'theWetTimeIsMet')
    : rich('round.reWetItBeforeIt', { b: (text) => <b>{text}</b> });
};

/** Its time is over: wiping comes first. */
const ActsDue = ({ stop, now, onDo, onWipe }: Props) => (
  <div className="phone__acts">
    <button className="btn btn--main" onClick={onWipe}>
      {w.name('round', 'wiped')}
      <small>
        {stop.treatment.seconds > 0
          ? w.say('round.after', { held: clock(heldSoFar(stop, now)) })
          : w.name('round', 'andDone')}
      </small>
    </button>
    <button className="btn" onClick={() => onDo('found-dry')}>
      {w.name('round', 'foundItDry')}
    </button>
    <button className="btn" onClick={() => onDo('rewet')}>
      {w.name('round', 'reWet')}
    </button>
  </div>
);

const ActsRunning = ({ stop, onDo, onWipe }: Props) => (
  <div className="phone__acts">
    <button className="btn btn--main" onClick={() => onDo('rewet')}>
      {w.name('round', 'iHaveReWetIt')}
      <small>{w.say('round.soFar', { coatsCount: stop.clock.coats.length })}</small>
    </button>
    <button className="btn" onClick={() => onDo('found-dry')}>
      {w.name('round', 'foundItDry')}
    </button>
    <button className="btn btn--locked" onClick={onWipe}>
      {w.say('round.wipeAt', { seconds: clock(stop.treatment.seconds) })}
    </button>
  </div>
);

/** While it is wet: the clock, the band, and what may be done. */
export const Wet = (props: Props) => {
  const Acts = isDue(props.stop, props.now) ? ActsDue : ActsRunning;
  return (
    <>
      <Clock {...props} />
      <Band {...props} />
      <p className="phone__words">{whatToDo(props)}</p>
      <Acts {...props} />
    </>
  );
};
