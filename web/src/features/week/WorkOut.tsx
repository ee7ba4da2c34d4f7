import { checkWeek, paidInAll, type WeekVisit } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { WeekWorker } from '../../workers/week.worker.ts';
import { w } from '../../words/words.ts';
import type { Shown } from './useWeek.ts';

const start = (): Worker =>
  new Worker(new URL('../../workers/week.worker.ts', import.meta.url), { type: 'module' });

/** Searches in a worker; what it finds counts only for the week as it stood then. */
const useSearch = ({ week, judged }: Shown) => {
  const worker = useRef<Worker>(null);
  const [searching, setSearching] = useState(false);
  const [found, setFound] = useState<{ of: Shown['week']; visits: WeekVisit[] }>();
  useEffect(() => () => worker.current?.terminate(), []);
  const search = async () => {
    worker.current?.terminate();
    worker.current = start();
    setSearching(true);
    const visits = await wrap<WeekWorker>(worker.current).assign(judged.problem);
    worker.current.terminate();
    setFound({ of: week, visits });
    setSearching(false);
  };
  return {
    searching,
    search,
    found: found?.of === week ? found.visits : undefined,
    forget: () => setFound(undefined),
  };
};

/** Lets it work out who goes where; shows what that comes to before it is used. */
export const WorkOut = ({ shown }: { shown: Shown }) => {
  const { searching, search, found, forget } = useSearch(shown);
  const { problem } = shown.judged;
  if (searching) return <p role="status">{w.name('week', 'working')}</p>;
  if (!found)
    return (
      <button
        className="btn btn--main"
        disabled={problem.visits.length === 0}
        onClick={() => void search()}
      >
        {w.name('week', 'workOut')}
      </button>
    );
  const checked = checkWeek({ ...problem, visits: found });
  const use = async () => {
    const byId = new Map(found.map((one) => [one.id, one]));
    await shown.save(
      shown.week.visits.map((one) => {
        const { crew, at } = byId.get(one.id) ?? one;
        return { ...one, crew: [...crew], at };
      }),
    );
    forget();
  };
  return (
    <div>
      <p role="status">
        {w.say('week.found', {
          misfits: checked.misfits.length,
          paid: duration(w, paidInAll(checked)),
        })}
      </p>
      <p className="mt-2 flex gap-3">
        <button className="btn btn--main" disabled={shown.keeping} onClick={() => void use()}>
          {w.name('week', 'use')}
        </button>
        <button className="btn btn--quiet" onClick={forget}>
          {w.name('week', 'leave')}
        </button>
      </p>
    </div>
  );
};
