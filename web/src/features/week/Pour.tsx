import {
  activeFacts,
  caddiesOf,
  toPour,
  zones,
  type Caddy,
  type SolutionAmount,
  type ToPour,
} from '@zymostat/core';
import { duration, strengthShort } from '@zymostat/words';
import { Link } from 'react-router';
import { inMetric } from '../../ui/amounts.ts';
import { momentOf, weekdayName } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { momentIn } from '../../ui/mondays.ts';
import { namesIn, type Shown } from './useWeek.ts';

/** What keeps for longer than this is not mixed for one day, s. */
const SOON = 7 * 86_400;

const called = ({ active, strength }: Pick<SolutionAmount, 'active' | 'strength'>): string =>
  `${w.name('family', activeFacts[active].family)} ${strengthShort(w, active, strength)}`;

const isOf =
  (a: Pick<SolutionAmount, 'active' | 'strength'>) =>
  (b: Pick<SolutionAmount, 'active' | 'strength'>): boolean =>
    a.active === b.active && a.strength === b.strength;

interface Line {
  name: string;
  /** By caddy, and in all; nothing where none is taken. */
  each: string[];
  all: string;
}

const counted = (caddies: readonly Caddy[], of: (caddy: Caddy) => number) => {
  const counts = caddies.map(of);
  return {
    each: counts.map((count) => (count > 0 ? String(count) : '')),
    all: String(counts.reduce((sum, count) => sum + count, 0)),
  };
};

const linesOf = (caddies: readonly Caddy[], pour: readonly ToPour[]): Line[] => {
  const wipes = caddies
    .flatMap((one) => one.wipes)
    .filter((one, k, all) => all.findIndex(isOf(one)) === k);
  return [
    ...pour.map((one) => ({
      name: called(one),
      each: caddies.map(({ amounts }) => {
        const own = amounts.find((a) => a.stockId === one.stockId && a.strength === one.strength);
        return own ? inMetric(own.volume) : '';
      }),
      all: inMetric(one.volume),
    })),
    ...wipes.map((one) => ({
      name: `${w.name('week', 'wipes')}: ${called(one)}`,
      ...counted(caddies, (caddy) => caddy.wipes.find(isOf(one))?.count ?? 0),
    })),
    ...zones
      .filter((zone) => caddies.some(({ cloths }) => cloths[zone] > 0))
      .map((zone) => ({
        name: w.say('week.cloths', { zone: w.name('zone', zone) }),
        ...counted(caddies, ({ cloths }) => cloths[zone]),
      })),
  ];
};

const usePour = ({ week, judged }: Shown, day: number) => {
  const laid = judged.checked.days[day]!;
  const loads = new Map(week.homes.map(({ id, load }) => [id, load]));
  const caddies = caddiesOf(laid, (home) => loads.get(home));
  const isDiluted = ({ stockId, strength }: SolutionAmount) =>
    (week.stocks[stockId] ?? Infinity) > strength + 1e-6;
  return { caddies, pour: toPour(caddies, laid, isDiluted) };
};

/** What a day's visits take along, by caddy: to be poured, jars' wipes, cloths. */
export const Pour = ({ shown, day }: { shown: Shown; day: number }) => {
  const { caddies, pour } = usePour(shown, day);
  const { person } = namesIn(shown.week);
  const midnight = momentIn(shown.week.monday, day);
  const title = w.say('week.toPour', { day: weekdayName(midnight) });
  return (
    <section aria-label={title} className="mt-4">
      <div className="headline">
        <h2>{title}</h2>
        <Link className="link small" to="/bench">
          {w.name('week', 'toBench')}
        </Link>
      </div>
      {caddies.length === 0 && <p className="soft">{w.name('week', 'nothingToPour')}</p>}
      {caddies.length > 0 && (
        <table className="ledger">
          <thead>
            <tr>
              <th scope="col">{w.name('week', 'overBy')}</th>
              {caddies.map((caddy) => (
                <th key={caddy.person} scope="col" className="text-right">
                  {person(caddy.person)}
                </th>
              ))}
              <th scope="col" className="text-right">
                {w.name('week', 'inAll')}
              </th>
            </tr>
          </thead>
          <tbody>
            {linesOf(caddies, pour).map(({ name, each, all }) => (
              <tr key={name}>
                <td>{name}</td>
                {each.map((one, k) => (
                  <td key={caddies[k]!.person} className="fig text-right">
                    {one}
                  </td>
                ))}
                <td className="fig text-right">
                  <b>{all}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {pour.map((one) =>
        one.keeps === null || one.keeps > SOON ? null : (
          <p key={called(one)} className="small soft mt-1">
            {w.say('week.notBefore', {
              what: called(one),
              at: momentOf(midnight + one.notBefore! * 1000),
              time: duration(w, one.keeps),
            })}
          </p>
        ),
      )}
    </section>
  );
};
