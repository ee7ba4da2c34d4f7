import { clock } from '@zymostat/words';
import { Droplet, Eye, Eraser, Hand } from 'lucide-react';
import type { CSSProperties, ReactNode } from 'react';
import { timeOf } from '../../ui/times.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { dueAt, familyAt, heldSoFar, type Stop, type StopDue } from './stop.ts';

/** All clocks stand on one axis: this much of the past, s, then as much as the last one needs. */
const PAST = 300;
const LEAST_AHEAD = 600;

const icons = { rewet: Droplet, look: Eye, wipe: Eraser, loose: Eye, off: Hand } as const;

const b = (text: ReactNode) => <b className="fig">{text}</b>;

/** What is due, and how long it may wait. */
const Due = ({ due: { what, at }, now }: { due: StopDue; now: number }) => {
  const Icon = icons[what];
  const late = now >= at;
  return (
    <span className={late ? 'never-ink' : ''}>
      <Icon aria-hidden className="icon" />
      {late
        ? w.name('round', `${what}Now`)
        : rich(`round.${what}In`, { b, left: clock((at - now) / 1000) })}
    </span>
  );
};

/** Held up to now, pale up to what is due: the mark nearest right of the line comes first. */
const Band = ({ stop, ahead, now }: { stop: Stop; ahead: number; now: number }) => {
  const { at } = dueAt(stop, now)!;
  const until = PAST + Math.max(0, (at - now) / 1000);
  const from = PAST - Math.min(PAST, heldSoFar(stop, now));
  const style = { '--axis': PAST + ahead, '--now': PAST, '--from': from, '--due': until };
  return (
    <span
      className="clocks__band"
      data-family={familyAt(stop)}
      data-wall={dueAt(stop, now)!.what === 'off' ? '' : undefined}
      style={style as CSSProperties}
    >
      <i className="clocks__held" />
      <i className="clocks__ahead" />
      <i className="clocks__due" />
      <i className="clocks__now" />
    </span>
  );
};

interface Props {
  stops: readonly Stop[];
  now: number;
  onGo: (stop: Stop) => void;
}

/** Every other clock that runs, soonest due first, on one axis with one line for now. */
export const Clocks = ({ stops, now, onGo }: Props) => {
  if (stops.length === 0) return null;
  const ends = stops.map((stop) => (dueAt(stop, now)!.at - now) / 1000);
  const ahead = Math.max(LEAST_AHEAD, ...ends) * 1.1;
  return (
    <section className="clocks" aria-label={w.name('round', 'alsoWet')}>
      <h2 className="clocks__head">
        {w.name('round', 'alsoWet')} <span className="fig">{timeOf(now)}</span>
      </h2>
      <ol>
        {stops.map((stop) => (
          <li key={stop.surface.id}>
            <button className="clocks__row" onClick={() => onGo(stop)}>
              <span className="clocks__say">
                <b>
                  {stop.surface.name}, {stop.roomName}
                </b>
                <Due due={dueAt(stop, now)!} now={now} />
              </span>
              <Band stop={stop} ahead={ahead} now={now} />
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
};
