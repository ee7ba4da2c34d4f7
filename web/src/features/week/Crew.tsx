import { duration } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { lastingIn } from '../../ui/dayTimes.ts';
import type { Shown } from './useWeek.ts';

interface Props {
  shown: Shown;
  chosen: string | undefined;
  choose: (person: string | undefined) => void;
}

const percent = (part: number, whole: number): string => `${Math.min(100, (100 * part) / whole)}%`;

/** Time on the road of everybody, s. */
export const onTheRoad = ({ checked }: Shown['judged']): number =>
  checked.days
    .flatMap(({ routes }) => routes)
    .reduce(
      (sum, { leaves, back, stops }) =>
        sum + back - leaves - stops.reduce((work, { start, end }) => work + end - start, 0),
      0,
    );

/** Everybody's hours beside what was agreed; whoever is chosen is drawn in ink. */
export const Crew = ({ shown, chosen, choose }: Props) => {
  const { people } = shown.week;
  const { paid } = shown.judged.checked;
  const all = Math.max(1, ...people.map(({ id, most }) => Math.max(most, paid.get(id) ?? 0)));
  return (
    <>
      <div>
        {people.map(({ id, name, most, said }) => (
          <button
            key={id}
            className="crew"
            aria-pressed={chosen === id}
            onClick={() => choose(chosen === id ? undefined : id)}
          >
            <span>
              <b className="font-semibold">{name}</b>
              {!said && <span className="small soft block">{w.name('week', 'noHours')}</span>}
            </span>
            <span className="crew__bar" aria-hidden="true">
              <i style={{ width: percent(paid.get(id) ?? 0, all) }} />
              <em style={{ left: percent(most, all) }} />
            </span>
            <span className="fig small text-right">
              {w.say('week.ofAgreed', {
                paid: lastingIn(paid.get(id) ?? 0),
                most: lastingIn(most),
              })}
            </span>
          </button>
        ))}
      </div>
      <p className="small soft mt-1">
        {w.say('week.agreed', { road: duration(w, onTheRoad(shown.judged)) })}
      </p>
    </>
  );
};
