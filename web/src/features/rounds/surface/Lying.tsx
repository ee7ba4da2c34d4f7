import { secondsBetween, type EventKind } from '@zymostat/core';
import { clock, duration } from '@zymostat/words';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { dueAt, familyAt, heldSoFar, type Stop } from '../stop.ts';
import { Orders } from './Orders.tsx';

interface Props {
  stop: Stop;
  now: number;
  settling: boolean;
  onDo: (...kinds: EventKind[]) => void;
}

/** What is left until somebody looks, or until it must be off; past that how much too long. */
const Clock = ({ stop, now }: Pick<Props, 'stop' | 'now'>) => {
  const { what, at } = dueAt(stop, now)!;
  const { most } = stop.treatment.lies!;
  const over = what === 'off' && most !== null && now > at;
  const left = over ? secondsBetween(at, now) : Math.max(0, Math.ceil((at - now) / 1000));
  return (
    <div className={`phone__clock ${over ? 'never-ink' : ''}`}>
      <span className="fig" role="timer" aria-label={w.name('round', 'timeLeftOnIt')}>
        {clock(left)}
      </span>
      <p>
        {over && w.name('round', 'tooLong')}
        {!over && w.name('round', what === 'off' ? 'thenOff' : 'thenLook')}
        <br />
        {over && w.name('round', 'takeItOffNow')}
        {!over && most !== null && w.say('round.offAtMost', { most: duration(w, most) })}
      </p>
    </div>
  );
};

/** It works by itself: the clock with its wall, and taking it off. */
export const Lying = ({ stop, now, settling, onDo }: Props) => {
  const { least, most } = stop.treatment.lies!;
  const gone = heldSoFar(stop, now);
  const early = gone < least;
  return (
    <>
      <Clock stop={stop} now={now} />
      <div className="phone__band">
        <WetBand
          family={familyAt(stop)}
          required={least}
          wall={most ?? undefined}
          now={most === null ? Math.min(gone, least) : gone}
          scale
        />
      </div>
      <Orders stop={stop} />
      <div className="phone__acts">
        <button
          aria-disabled={settling}
          className={`btn ${early ? 'col-span-2' : 'btn--main'}`}
          onClick={() => onDo('taken-off')}
        >
          {w.name('round', 'takenOff')}
          <small>
            {early
              ? w.say('round.earlyOf', { least: duration(w, least) })
              : w.name('round', 'thenRinse')}
          </small>
        </button>
      </div>
    </>
  );
};
