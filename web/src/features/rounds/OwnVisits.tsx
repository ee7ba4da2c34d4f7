import { timeIn } from '../../ui/dayTimes.ts';
import { mondayOf, momentIn } from '../../ui/mondays.ts';
import { weekdayName } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { useOwnWeekQuery } from './api.ts';

/** Where one goes in the rest of the week, as it was planned. */
export const OwnVisits = ({ now }: { now: number }) => {
  const monday = mondayOf(now);
  const { data: own = [] } = useOwnWeekQuery(monday);
  const ahead = own.filter(({ day, end }) => momentIn(monday, day, end) >= now);
  if (ahead.length === 0) return null;
  return (
    <section aria-label={w.name('round', 'ownVisits')}>
      <h2 className="mt-5 mb-1">{w.name('round', 'ownVisits')}</h2>
      <ul className="list">
        {ahead.map(({ visitId, day, homeName, place, start, end, with: others }) => (
          <li key={visitId} className="py-2">
            <b className="font-semibold">
              {homeName}, {place}
            </b>
            <span className="block">
              {w.say('round.ownVisit', {
                day: weekdayName(momentIn(monday, day)),
                start: timeIn(start),
                end: timeIn(end),
              })}{' '}
              {others.length > 0 && w.say('round.ownVisitWith', { people: listOf(others) })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
};
