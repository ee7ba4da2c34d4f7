import type { WeekVisitRow } from '@zymostat/contract';
import { useState } from 'react';
import { weekdayName } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useLazyWeekQuery } from './api.ts';
import { timeIn } from '../../ui/dayTimes.ts';
import { momentIn, weeksLater } from '../../ui/mondays.ts';
import { namesIn, type Shown } from './useWeek.ts';
import { newVisitOn } from './typedVisit.ts';
import { VisitForm } from './VisitForm.tsx';
import { v7 } from 'uuid';

interface RowProps {
  shown: Shown;
  visit: WeekVisitRow;
  when: string;
}

const Row = ({ shown, visit, when }: RowProps) => {
  const [open, setOpen] = useState(false);
  const names = namesIn(shown.week);
  const { visits } = shown.week;
  const isThere = shown.week.homes.some(({ id }) => id === visit.homeId);
  const crew = visit.crew.map(names.person).filter(Boolean);
  return (
    <li>
      <div className="week__visit">
        <span className="fig">{when}</span>
        <span>
          <b className="font-semibold">
            {isThere ? names.home(visit.homeId) : w.name('week', 'gone')}
          </b>{' '}
          · {crew.length > 0 ? listOf(crew) : w.name('week', 'nobodyGoes')}
        </span>
        <span className="flex gap-4">
          {isThere && (
            <button className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
              {w.name('week', 'change')}
            </button>
          )}
          <button
            className="link"
            disabled={shown.keeping}
            onClick={() => void shown.save(visits.filter(({ id }) => id !== visit.id))}
          >
            {w.name('week', 'remove')}
          </button>
        </span>
      </div>
      {open && (
        <VisitForm
          shown={shown}
          visit={visit}
          onLeave={() => setOpen(false)}
          onKeep={async (next) => {
            await shown.save(visits.map((one) => (one.id === visit.id ? next : one)));
            setOpen(false);
          }}
        />
      )}
    </li>
  );
};

/** Takes over the visits of the week before, with who went. */
const TakeOver = ({ shown }: { shown: Shown }) => {
  const [fetchWeek, { isFetching }] = useLazyWeekQuery();
  const take = async () => {
    const before = await fetchWeek(weeksLater(shown.week.monday, -1)).unwrap();
    const homes = new Set(shown.week.homes.map(({ id }) => id));
    const people = new Set(shown.week.people.map(({ id }) => id));
    const taken = before.visits
      .filter(({ homeId }) => homes.has(homeId))
      .map((one) => ({ ...one, id: v7(), crew: one.crew.filter((id) => people.has(id)) }));
    if (taken.length > 0) await shown.save([...shown.week.visits, ...taken]);
  };
  return (
    <button className="btn" disabled={isFetching || shown.keeping} onClick={() => void take()}>
      {w.name('week', 'copy')}
    </button>
  );
};

/** The visits of a day in their turns: added, changed, taken out. */
export const DayVisits = ({ shown, day }: { shown: Shown; day: number }) => {
  const [adding, setAdding] = useState(false);
  const { week, judged } = shown;
  const start = new Map(judged.checked.days[day]!.stops.map((stop) => [stop.visit.id, stop]));
  const own = week.visits
    .filter((one) => one.day === day)
    .sort((a, b) => (start.get(a.id)?.start ?? 0) - (start.get(b.id)?.start ?? 0));
  const whenOf = ({ id }: WeekVisitRow): string => {
    const stop = start.get(id);
    return stop ? `${timeIn(stop.start)}–${timeIn(stop.end)}` : '';
  };
  const [first] = week.homes;
  return (
    <section
      className="mt-5"
      aria-label={w.say('week.visitsOf', { day: dayName(week.monday, day) })}
    >
      <h2>{w.say('week.visitsOf', { day: dayName(week.monday, day) })}</h2>
      <ol className="list">
        {own.map((visit) => (
          <Row key={visit.id} shown={shown} visit={visit} when={whenOf(visit)} />
        ))}
      </ol>
      {adding && first && (
        <VisitForm
          shown={shown}
          visit={newVisitOn(day, first.id, own.length)}
          onLeave={() => setAdding(false)}
          onKeep={async (visit) => {
            await shown.save([...week.visits, visit]);
            setAdding(false);
          }}
        />
      )}
      <p className="mt-3 flex flex-wrap gap-3">
        {!adding && (
          <button className="btn" disabled={!first} onClick={() => setAdding(true)}>
            {w.name('week', 'add')}
          </button>
        )}
        {week.visits.length === 0 && <TakeOver shown={shown} />}
        {shown.undo && (
          <button
            className="btn btn--quiet"
            disabled={shown.keeping}
            onClick={() => void shown.undo!()}
          >
            {w.name('week', 'undo')}
          </button>
        )}
      </p>
    </section>
  );
};

const dayName = (monday: string, day: number): string => weekdayName(momentIn(monday, day));
