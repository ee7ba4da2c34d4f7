import './week.css';
import { DAYS } from '@zymostat/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { BoardTabs } from '../../ui/BoardTabs.tsx';
import { Segments } from '../../ui/form/Choice.tsx';
import { mondayOf, momentIn, weeksLater } from '../../ui/mondays.ts';
import { StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dayOf, weekdayShort } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { Braid } from './Braid.tsx';
import { Crew } from './Crew.tsx';
import { DayVisits } from './DayVisits.tsx';
import { Hours } from './Hours.tsx';
import { Misfits } from './Misfits.tsx';
import { Pour } from './Pour.tsx';
import { Roads } from './Roads.tsx';
import { useWeek, type Shown } from './useWeek.ts';
import { WeekSays } from './WeekSays.tsx';

const Legend = ({ shown, person }: { shown: Shown; person: string | undefined }) => (
  <p className="small soft mt-1 flex flex-wrap gap-x-5">
    <span>{`╲ ${w.name('week', 'legendRoad')}`}</span>
    <span>{`▮ ${w.name('week', 'legendWork')}`}</span>
    {person !== undefined && (
      <span>
        {w.say('week.chosen', { who: shown.week.people.find(({ id }) => id === person)!.name })}
      </span>
    )}
  </p>
);

interface LeafProps {
  shown: Shown;
  day: number;
  person: string | undefined;
  choose: (person: string | undefined) => void;
}

const People = ({ shown, day, person, choose }: LeafProps) => (
  <>
    <Crew shown={shown} chosen={person} choose={choose} />
    {person !== undefined && (
      <a
        className="link small"
        href={`/api/weeks/${shown.week.monday}/week.ics?person=${person}`}
        download="week.ics"
      >
        {w.say('week.calendarOf', {
          who: shown.week.people.find(({ id }) => id === person)!.name,
        })}
      </a>
    )}
    <Misfits shown={shown} />
    <Pour shown={shown} day={day} />
  </>
);

const Settings = ({ shown: { week } }: { shown: Shown }) => (
  <details className="mt-6">
    <summary>{w.name('week', 'settings')}</summary>
    {week.people.map((person) => (
      <Hours key={`${person.id} ${person.revision}`} person={person} monday={week.monday} />
    ))}
    <Roads week={week} />
  </details>
);

/** Which day is open: the chart's rows for the keyboard, and for who cannot aim at them. */
const Days = ({
  monday,
  day,
  onDay,
}: {
  monday: string;
  day: number;
  onDay: (day: number) => void;
}) => (
  <Segments
    label={w.name('week', 'day')}
    value={String(day)}
    onChange={(chosen) => onDay(Number(chosen))}
    options={Array.from({ length: DAYS }, (_, k) => ({
      value: String(k),
      name: weekdayShort(momentIn(monday, k)),
    }))}
  />
);

const Turn = ({ monday, now }: { monday: string; now: number }) => {
  const isThis = monday === mondayOf(now);
  return (
    <nav className="tabs" aria-label={w.name('week', 'week')}>
      <Link to={`/board/week/${weeksLater(monday, -1)}`}>{w.name('week', 'before')}</Link>
      {!isThis && <Link to="/board/week">{w.name('week', 'this')}</Link>}
      <Link to={`/board/week/${weeksLater(monday, 1)}`}>{w.name('week', 'next')}</Link>
    </nav>
  );
};

/** The week: who goes where, what does not fit, and what each morning takes along. */
const WeekPage = () => {
  const now = useNow(60_000);
  const { monday = mondayOf(now) } = useParams();
  const known = useWeek(monday);
  const today = Math.min(4, (new Date(now).getDay() + 6) % 7);
  const [day, setDay] = useState(today);
  const [person, choose] = useState<string>();
  const shown = known.week && known.judged ? (known as Shown) : undefined;
  return (
    <main className="leaves leaves--week">
      <section className="leaf" aria-label={w.name('week', 'week')}>
        <p className="crumb">
          <b>
            {dayOf(momentIn(monday, 0))} – {dayOf(momentIn(monday, 6))}
          </b>
          {shown && (
            <span>
              {w.say('week.counts', {
                people: shown.week.people.length,
                homes: new Set(shown.week.visits.map(({ homeId }) => homeId)).size,
                visits: shown.week.visits.length,
              })}
            </span>
          )}
        </p>
        <div className="headline">
          <h1>{w.name('week', 'week')}</h1>
          <BoardTabs />
        </div>
        <Turn monday={monday} now={now} />
        <WentWrong error={known.error} />
        {shown && <People shown={shown} day={day} person={person} choose={choose} />}
      </section>
      <section className="sheet" aria-label={w.name('week', 'chart')}>
        {!shown && !known.error && <Waiting what={w.name('week', 'week')} />}
        {shown && (
          <>
            <WeekSays shown={shown} />
            <Days monday={monday} day={day} onDay={setDay} />
            <Braid shown={shown} day={day} onDay={setDay} person={person} />
            <Legend shown={shown} person={person} />
            <DayVisits shown={shown} day={day} />
            <Settings shown={shown} />
          </>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default WeekPage;
