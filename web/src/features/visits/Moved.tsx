import type { Breach, PlanStep, StepPlace } from '@zymostat/core';
import { duration, tellBreach } from '@zymostat/words';
import { useEffect, useRef, useState } from 'react';
import { Severity } from '../../ui/parts.tsx';
import { toTheSecond } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import type { Moves } from './useMoves.ts';

interface Props {
  moves: Moves;
  names: { treatment: (id: string) => string; cleaner: (id: string) => string };
  startsAt: number;
  nearest: (steps: PlanStep[], at: number, to: StepPlace) => Promise<StepPlace | undefined>;
}

type Found = { is: 'place'; place: StepPlace } | { is: 'nowhere' } | undefined;

const MOST_SAID = 4;

/** The nearest place where a step that was moved fits, looked for in a worker. */
const useNearest = ({ moves, nearest }: Props): Found => {
  const { steps, last, breaches } = moves;
  const broken = breaches.length > 0;
  const look = useRef(nearest);
  useEffect(() => {
    look.current = nearest;
  });
  const [found, setFound] = useState<{ steps: PlanStep[]; is: Found }>();
  useEffect(() => {
    if (!steps || !last || !broken) return undefined;
    let gone = false;
    void look.current(steps, last.at, last.to).then((place) => {
      if (!gone) setFound({ steps, is: place ? { is: 'place', place } : { is: 'nowhere' } });
    });
    return () => {
      gone = true;
    };
  }, [steps, last, broken]);
  return found?.steps === steps ? found?.is : undefined;
};

const Breaches = ({ breaches, names }: { breaches: Breach[]; names: Props['names'] }) => (
  <ul className="my-1">
    {breaches.slice(0, MOST_SAID).map((breach, k) => (
      <li key={k}>
        {tellBreach(w, breach, { ...names, span: (seconds) => duration(w, seconds) })}
      </li>
    ))}
  </ul>
);

/** What a step that was moved by hand breaks, where it fits, and the way back. */
export const Moved = (props: Props) => {
  const { moves, names, startsAt } = props;
  const { breaches, last, move, undo, again } = moves;
  const found = useNearest(props);
  if (!last) return null;
  return (
    <div className="my-2" role="status">
      {breaches.length > 0 ? (
        <>
          <p className="flex items-center gap-2">
            <Severity is="never" /> <b>{w.name('visitPlan', 'breaks')}</b>
          </p>
          <Breaches breaches={breaches} names={names} />
          {found?.is === 'nowhere' && <p>{w.name('visitPlan', 'nowhere')}</p>}
        </>
      ) : (
        <p>{w.name('visitPlan', 'moved')}</p>
      )}
      <p className="flex flex-wrap gap-2">
        {found?.is === 'place' && breaches.length > 0 && (
          <button className="btn" onClick={() => move(last.at, found.place)}>
            {w.say('visitPlan.nearest', {
              who: names.cleaner(found.place.cleaner),
              at: toTheSecond(startsAt + found.place.start * 1000),
            })}
          </button>
        )}
        <button className="btn btn--quiet" onClick={undo}>
          {w.name('visitPlan', 'undo')}
        </button>
        <button className="btn btn--quiet" onClick={again}>
          {w.name('visitPlan', 'again')}
        </button>
      </p>
    </div>
  );
};
