import { DEPOT, roadsBetween } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { listOf } from '../../words/list.ts';
import { dayOf, weekdayName } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { braidLines, STAY, WIDTH, type Braid as Lines, type Thread } from './braidLines.ts';
import { timeIn } from '../../ui/dayTimes.ts';
import { momentIn } from '../../ui/mondays.ts';
import { namesIn, type Shown } from './useWeek.ts';

interface Props {
  shown: Shown;
  day: number;
  onDay: (day: number) => void;
  person: string | undefined;
}

const HOUR = 3600;
/** How threads are told apart without colour: by person, over again from the fifth. */
const DASHES = ['', '6 3', '1 3', '9 3 2 3'] as const;

const Head = ({ lines, shown }: { lines: Lines; shown: Shown }) => {
  const { week } = shown;
  const { said } = roadsBetween(week.roads);
  const places = [{ id: DEPOT, x: lines.depotX }, ...lines.columns];
  const home = new Map(week.homes.map((one) => [one.id, one]));
  return (
    <g>
      {places.map(({ id, x }, k) => {
        const before = places[k - 1];
        const road = before && said(before.id, id);
        return (
          <g key={id}>
            <text x={x} y={18} className="braid__home">
              {id === DEPOT ? w.name('week', 'depot') : home.get(id)!.name}
            </text>
            <text x={x} y={34} className="braid__small">
              {home.get(id)?.place}
            </text>
            <line x1={x} x2={x} y1={lines.head - 14} y2={lines.height} className="braid__rule" />
            {before && (
              <text x={(x + before.x) / 2} y={lines.head - 10} className="braid__road">
                {road === undefined ? '?' : Math.round(road / 60)}
              </text>
            )}
          </g>
        );
      })}
      <text x={0} y={lines.head - 10} className="braid__small">
        {w.name('week', 'roadMinutes')}
      </text>
    </g>
  );
};

const Days = ({ lines, shown, onDay }: { lines: Lines; shown: Shown; onDay: Props['onDay'] }) => {
  const [from, to] = lines.span;
  const hours = Array.from({ length: (to - from) / HOUR - 1 }, (_, k) => from + (k + 1) * HOUR);
  return (
    <g>
      {lines.rows.map(({ day, top, height, open }) => {
        const at = momentIn(shown.week.monday, day);
        return (
          <g key={day} className="braid__day" onClick={() => onDay(day)}>
            <rect x={0} y={top} width={WIDTH} height={height} data-open={open} />
            <line x1={0} x2={WIDTH} y1={top} y2={top} className="braid__edge" />
            <text x={0} y={top + 18} className="braid__home">
              {weekdayName(at)}
            </text>
            <text x={0} y={top + 33} className="braid__small">
              {dayOf(at)}
            </text>
            {open &&
              hours
                .filter((_, k) => k % 2 === 1)
                .map((hour) => (
                  <text
                    key={hour}
                    x={lines.depotX - 10}
                    y={lines.openY(hour) + 4}
                    className="braid__hour"
                  >
                    {timeIn(hour)} –
                  </text>
                ))}
          </g>
        );
      })}
    </g>
  );
};

const Way = ({ thread, nth, chosen }: { thread: Thread; nth: number; chosen: boolean }) => (
  <g className="braid__thread" data-chosen={chosen} data-open={thread.open}>
    <polyline points={thread.points} strokeDasharray={DASHES[nth % DASHES.length]} />
    {thread.stays.map(({ visit, x, top, bottom }) => (
      <rect
        key={visit}
        x={x - STAY / 2}
        y={top}
        width={STAY}
        height={Math.max(3, bottom - top)}
        data-hollow={nth % 2 === 1}
      />
    ))}
  </g>
);

/** What is said beside each visit of the open day: when, who, and whether it is late. */
const Notes = ({ lines, shown, day }: { lines: Lines; shown: Shown; day: number }) => {
  const { person } = namesIn(shown.week);
  return (
    <g>
      {shown.judged.checked.days[day]!.stops.map(({ visit, start }) => {
        const column = lines.columns.find(({ id }) => id === visit.homeId);
        if (!column) return null;
        const people = shown.week.people.map(({ id }) => id);
        const aside = 9 * Math.max(0, ...visit.crew.map((id) => people.indexOf(id))) + 10;
        const right = column.x + aside > WIDTH - 130;
        const x = right ? column.x - 8 : column.x + aside;
        const late = start - visit.by;
        return (
          <text
            key={visit.id}
            x={x}
            y={lines.openY(start) + 11}
            textAnchor={right ? 'end' : 'start'}
            className="braid__note"
          >
            {timeIn(start)}{' '}
            <tspan className="braid__who">
              {visit.crew.length > 0
                ? listOf(visit.crew.map(person))
                : w.name('week', 'nobodyGoes')}
            </tspan>
            {late > 0 && visit.crew.length > 0 && (
              <tspan x={x} dy={14} className="never-ink">
                {w.say('week.lateBy', { by: duration(w, late) })}
              </tspan>
            )}
          </text>
        );
      })}
    </g>
  );
};

/** The week as threads: homes across in the order of the road, days down, people on their ways. */
export const Braid = ({ shown, day, onDay, person }: Props) => {
  const lines = braidLines(shown.week, shown.judged.checked, day);
  const nth = new Map(shown.week.people.map(({ id }, k) => [id, k]));
  const order = [...lines.threads].sort(
    (a, b) => Number(a.person === person) - Number(b.person === person),
  );
  return (
    <div className="braid">
      <svg
        width={WIDTH}
        height={lines.height + 1}
        viewBox={`0 0 ${WIDTH} ${lines.height + 1}`}
        role="img"
        aria-label={w.name('week', 'chart')}
      >
        <Days lines={lines} shown={shown} onDay={onDay} />
        <Head lines={lines} shown={shown} />
        {order.map((thread) => (
          <Way
            key={thread.key}
            thread={thread}
            nth={nth.get(thread.person) ?? 0}
            chosen={person === undefined || thread.person === person}
          />
        ))}
        <Notes lines={lines} shown={shown} day={day} />
      </svg>
    </div>
  );
};
