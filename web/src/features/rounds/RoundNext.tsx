import { w } from '../../words/words.ts';
import { nextWord } from './nextWord.tsx';
import { countDone, isAlone, type Stop } from './stop.ts';
import type { RoundWork } from './useRoundWork.ts';

interface LineProps {
  stop: Stop;
  /** The room is named where it is another one. */
  room: boolean;
  now: number;
  onGo: () => void;
}

const Line = ({ stop, room, now, onGo }: LineProps) => (
  <li>
    <button className="phone__line" onClick={onGo}>
      <span>
        {room && `${stop.roomName}: `}
        {stop.surface.name}
      </span>{' '}
      <span>{nextWord(stop, now)}</span>
    </button>
  </li>
);

const headOf = ({ current, ahead }: RoundWork): string => {
  if (isAlone(current)) return w.name('round', 'nextWhileTheClockRuns');
  return ahead.length > 0 ? w.name('round', 'next') : w.name('round', 'everythingElseIsDone');
};

/** What comes next, soonest first. */
export const NextList = (work: RoundWork) => (
  <>
    <h2>{headOf(work)}</h2>
    <ol>
      {work.ahead.map((stop) => (
        <Line
          key={stop.surface.id}
          stop={stop}
          room={stop.roomName !== work.current.roomName}
          now={work.now}
          onGo={() => work.go(stop)}
        />
      ))}
    </ol>
  </>
);

/** Every surface of the round, done or not. */
export const AllStops = ({ stops, now, go }: RoundWork) => (
  <details className="mb-4 text-[1rem]">
    <summary className="soft min-h-11 cursor-pointer">
      {w.say('round.allSurfacesDone', {
        stopsCount: stops.length,
        stopsCount2: countDone(stops),
      })}
    </summary>
    <ol>
      {stops.map((stop) => (
        <Line key={stop.surface.id} stop={stop} room now={now} onGo={() => go(stop)} />
      ))}
    </ol>
  </details>
);
