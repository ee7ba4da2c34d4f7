import './fall.css';
import type { CSSProperties } from 'react';
import { rich } from '../words/rich.tsx';
import { w } from '../words/words.ts';

/** What stands between a company and its first round, in order, with the minutes each takes. */
const minutesOf = {
  company: 4,
  practice: 6,
  people: 4,
  stock: 6,
  bottles: 4,
  home: 10,
  protocol: 5,
  batch: 5,
  book: 3,
} as const;
export type Stop = keyof typeof minutesOf;
export const stops = Object.keys(minutesOf) as Stop[];

/** How much of each is done, 0 to 1; what is missing is not begun. */
export type Full = Partial<Record<Stop, number>>;

const leftOf = (full: Full, stop: Stop): number =>
  Math.ceil(minutesOf[stop] * (1 - (full[stop] ?? 0)));

interface Props {
  at: Stop;
  full: Full;
  onGo?: (stop: Stop) => void;
}

const Text = ({ stop, full }: Pick<Props, 'full'> & { stop: Stop }) => (
  <>
    <b>{w.name('stop', stop)}</b>
    <span className="fig">
      {(full[stop] ?? 0) >= 1
        ? w.name('begin', 'done')
        : w.say('begin.minutes', { minutes: leftOf(full, stop) })}
    </span>
    <small>{w.name('stopIs', stop)}</small>
  </>
);

/** The way to the first round: a stop is as tall as the minutes it takes, and fills from the top. */
export const Fall = ({ at, full, onGo }: Props) => {
  const minutes = stops.reduce((sum, stop) => sum + leftOf(full, stop), 0);
  return (
    <>
      <p className="crumb">
        <b>{w.name('begin', 'setUp')}</b> · {w.name('begin', 'keptAsYouGo')}
      </p>
      <div className="headline">
        <h1>{w.name('begin', 'beforeTheFirstRound')}</h1>
        <span className="small soft">
          {minutes > 0
            ? rich('begin.more', { minutes, b: (text) => <b className="fig">{text}</b> })
            : w.name('begin', 'nothingMore')}
        </span>
      </div>
      <ol className="fall">
        {stops.map((stop) => (
          <li
            key={stop}
            className={stop === at ? 'on-ink' : ''}
            aria-current={stop === at ? 'step' : undefined}
            style={{ '--min': minutesOf[stop], '--full': full[stop] ?? 0 } as CSSProperties}
          >
            {onGo ? (
              <button onClick={() => onGo(stop)}>
                <Text stop={stop} full={full} />
              </button>
            ) : (
              <span>
                <Text stop={stop} full={full} />
              </span>
            )}
          </li>
        ))}
      </ol>
      <p className="fall__end">
        <b>{w.name('begin', 'firstRound')}</b>
        <span className="small soft">{w.name('begin', 'asTall')}</span>
      </p>
    </>
  );
};
