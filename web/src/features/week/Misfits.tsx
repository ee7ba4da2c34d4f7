import { forbids, visitOf, waysOut, type Misfit, type WayOut } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { useState } from 'react';
import { Severity } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { misfitAbout, misfitSays } from './misfitSays.ts';
import { namesIn, type Shown } from './useWeek.ts';
import { withWay } from './withWay.ts';

/** What a way out is called on a button. */
export const wayCalled = ({ week }: Shown, { visit, instead }: WayOut): string => {
  const names = namesIn(week);
  const figures = { who: names.person(instead.who), home: names.home(visit.homeId) };
  if (instead.of === null) return w.say('week.addTo', figures);
  if (visit.crew.length === 1) return w.say('week.give', figures);
  return w.say('week.giveOf', { ...figures, of: names.person(instead.of) });
};

/** What it costs. */
export const wayCosts = ({ costs }: WayOut): string => {
  const time = duration(w, Math.abs(costs));
  if (Math.abs(costs) < 60) return w.name('week', 'costsNothing');
  return w.say(costs > 0 ? 'week.costs' : 'week.saves', { time });
};

const Ways = ({ shown, visit }: { shown: Shown; visit: string }) => {
  const ways = waysOut(shown.judged.problem, visit);
  if (ways.length === 0) return <p className="small soft">{w.name('week', 'noWay')}</p>;
  return (
    <ul className="mt-1">
      {ways.map((way) => (
        <li key={`${way.instead.who} ${way.instead.of}`} className="mb-1">
          <button
            className="link"
            disabled={shown.keeping}
            onClick={() => void shown.save(withWay(shown.week.visits, way))}
          >
            {wayCalled(shown, way)}
          </button>{' '}
          <span className="small soft">{wayCosts(way)}</span>
        </li>
      ))}
    </ul>
  );
};

const One = ({ shown, misfit }: { shown: Shown; misfit: Misfit }) => {
  const [open, setOpen] = useState(false);
  const visit = visitOf(misfit);
  return (
    <li className="misfit">
      <Severity is={forbids(misfit) ? 'never' : 'care'} />
      <div>
        <b className="font-semibold">{misfitAbout(shown.week, misfit)}</b>{' '}
        {misfitSays(shown.week, misfit)}{' '}
        {visit && (
          <button className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
            {w.name('week', 'otherWays')}
          </button>
        )}
        {visit && open && <Ways shown={shown} visit={visit} />}
      </div>
    </li>
  );
};

/** What does not fit, what nobody may do first, with other ways. */
export const Misfits = ({ shown }: { shown: Shown }) => {
  const misfits = shown.judged.checked.misfits.toSorted(
    (a, b) => Number(forbids(b)) - Number(forbids(a)),
  );
  return (
    <section aria-label={w.name('week', 'misfits')}>
      <h2 className="mt-4 mb-1">{w.name('week', 'misfits')}</h2>
      {misfits.length === 0 && <p className="soft">{w.name('week', 'fits')}</p>}
      <ul className={misfits.length > 0 ? 'list' : ''}>
        {misfits.map((misfit) => (
          <One key={JSON.stringify(misfit)} shown={shown} misfit={misfit} />
        ))}
      </ul>
    </section>
  );
};
