import { wayInLines, type HomeDetail, type WayIn as WayInLines } from '@zymostat/contract';
import { lazy, Suspense, useState } from 'react';
import { WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { Beside } from './Beside.tsx';
import { Photos } from '../photos/Photos.tsx';
import { useSetArchivedMutation, useWayInBeforeQuery, useWayInQuery } from '../homes/wayInApi.ts';

const WayInForm = lazy(() => import('../homes/forms/WayInForm.tsx'));

const Written = ({ of }: { of: WayInLines }) => {
  const said = wayInLines.filter((line) => of[line] !== null);
  if (said.length === 0) return <p className="soft">{w.name('wayIn', 'none')}</p>;
  return (
    <dl className="grid grid-cols-[140px_1fr] gap-x-3">
      {said.map((line) => (
        <div key={line} className="contents">
          <dt className="small soft">{w.name('wayIn', line)}</dt>
          <dd>{of[line]}</dd>
        </div>
      ))}
    </dl>
  );
};

/** How it was written before, for whoever wonders since when and by whom. */
const Before = ({ homeId }: { homeId: string }) => {
  const { currentData: before = [] } = useWayInBeforeQuery(homeId);
  if (before.length === 0) return null;
  return (
    <details className="my-2">
      <summary className="soft min-h-8 cursor-pointer">
        {w.say('wayIn.before', { count: before.length })}
      </summary>
      {before.map((one) => (
        <section key={one.at} className="mt-2">
          <p className="small soft">{w.say('wayIn.until', { day: dayOf(one.at), by: one.by })}</p>
          <Written of={one} />
        </section>
      ))}
    </details>
  );
};

/** How somebody gets into a home, and taking it off the list or back onto it. */
const WayIn = ({ home, archivedAt }: { home: HomeDetail; archivedAt: number | null }) => {
  const { id, revision: seen } = home;
  // Of this home only: never the door of the one that was looked at before.
  const { currentData: data } = useWayInQuery(id);
  const [editing, edit] = useState(false);
  const [archive, { error, isLoading }] = useSetArchivedMutation();
  const to = (archived: boolean) => void archive({ id, homeId: id, seen, body: { archived } });
  return (
    <section className="my-4" aria-label={w.name('wayIn', 'wayIn')}>
      {data && <Written of={data} />}
      <Before homeId={id} />
      <Beside home={home} />
      <Photos of={{ what: 'home', id }} />
      <p className="my-3 flex gap-5">
        <button className="btn btn--quiet" onClick={() => edit(true)}>
          {w.name('wayIn', 'change')}
        </button>
        <button
          className="btn btn--quiet"
          disabled={isLoading}
          onClick={() => to(archivedAt === null)}
        >
          {w.name('wayIn', archivedAt === null ? 'archive' : 'bringBack')}
        </button>
      </p>
      {archivedAt !== null && (
        <p className="notice" role="status">
          {w.say('wayIn.archived', { day: dayOf(archivedAt) })}
        </p>
      )}
      <WentWrong error={error} />
      <Window open={editing} title={w.name('wayIn', 'wayIn')} onClose={() => edit(false)}>
        {editing && data && (
          <Suspense>
            <WayInForm home={home} stands={data} onDone={() => edit(false)} />
          </Suspense>
        )}
      </Window>
    </section>
  );
};
export default WayIn;
