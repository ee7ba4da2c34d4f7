import type { Trends, WetCount } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { addDays, startOfDay } from 'date-fns';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Segments } from '../../ui/form/Choice.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { useTrendsQuery } from './api.ts';
import { Drying } from './Drying.tsx';
import { dimensions, sharesBy, type Dimension, type Share } from './shares.ts';

const ShareChart = lazy(() => import('./ShareChart.tsx'));

const SPANS = [7, 30, 90] as const;
const MOST_BARS = 16;
const HOUR = 3_600_000;

const nameOf: Record<Dimension, (one: WetCount) => string> = {
  surface: ({ homeName, surfaceName }) => `${homeName}: ${surfaceName}`,
  room: ({ homeName, roomName }) => `${homeName}: ${roomName}`,
  home: ({ homeName }) => homeName,
  person: ({ person }) => person,
  solution: ({ active }) => w.name('family', activeFacts[active].family),
};

/** The same as the chart shows, in figures: for whoever does not see it, and for copying. */
const Figures = ({ shares }: { shares: readonly Share[] }) => (
  <table className="ledger mt-3">
    <thead>
      <tr>
        <th />
        <th className="num">{w.name('trends', 'met')}</th>
        <th className="num">{w.name('trends', 'notMet')}</th>
        <th className="num">{w.name('trends', 'notShown')}</th>
        <th className="num">{w.name('trends', 'kept')}</th>
      </tr>
    </thead>
    <tbody>
      {shares.map(({ name, counts, heldSeconds }) => (
        <tr key={name}>
          <td>{name}</td>
          <td className="num fig">{counts.met}</td>
          <td className="num fig">{counts['not-met']}</td>
          <td className="num fig">{counts['not-shown']}</td>
          <td className="num fig">{duration(w, Math.round(heldSeconds / 60) * 60)}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

const Checks = ({ checks }: Pick<Trends, 'checks'>) => (
  <section className="mt-6">
    <h2 className="mb-1">{w.name('trends', 'checks')}</h2>
    {checks.length === 0 && <p className="soft">{w.name('trends', 'noChecks')}</p>}
    <ul>
      {checks.map(({ active, measured, out }) => (
        <li key={active} className="flex justify-between border-b border-rule py-1.5">
          <span>{w.name('active', active)}</span>
          <span>{w.say('trends.out', { out, measured })}</span>
        </li>
      ))}
    </ul>
    <p className="mt-3">
      <Link className="btn btn--quiet" to="/keep-apart/log">
        {w.name('trends', 'nearMisses')}
      </Link>
    </p>
  </section>
);

const inWords = (shares: readonly Share[]): string =>
  shares
    .map(({ name, counts }) =>
      w.say('trends.shareOf', {
        name,
        met: counts.met,
        notMet: counts['not-met'],
        notShown: counts['not-shown'],
      }),
    )
    .join('; ');

/** What wet times came to, by what one wants to know; and what was learnt of rooms. */
const TrendsPage = () => {
  const now = useNow(HOUR);
  const [days, setDays] = useState<string>('30');
  const [by, setBy] = useState<Dimension>('surface');
  const to = addDays(startOfDay(now), 1).getTime();
  const { data, error } = useTrendsQuery({ from: addDays(to, -Number(days)).getTime(), to });
  const shares = sharesBy(data?.wet ?? [], nameOf[by]).slice(0, MOST_BARS);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('trends', 'trends')}>
        <div className="headline">
          <h1>{w.name('trends', 'trends')}</h1>
          <Link className="btn btn--quiet" to="/records">
            {w.name('shell', 'records')}
          </Link>
        </div>
        <div className="mb-3 grid gap-3">
          <Segments
            label={w.name('trends', 'from')}
            value={days}
            onChange={setDays}
            options={SPANS.map((span) => ({
              value: String(span),
              name: w.say('trends.last', { days: span }),
            }))}
          />
          <Segments
            label={w.name('trends', 'by')}
            value={by}
            onChange={setBy}
            options={dimensions.map((one) => ({ value: one, name: w.name('trends', one) }))}
          />
        </div>
        <WentWrong error={error} />
        <Checks checks={data?.checks ?? []} />
        <Drying />
      </section>
      <section className="sheet" aria-label={w.name('trends', 'wetTimes')}>
        <h2 className="mb-2">{w.name('trends', 'wetTimes')}</h2>
        {data && shares.length === 0 && <p className="soft">{w.name('trends', 'none')}</p>}
        {shares.length > 0 && (
          <Suspense>
            <ShareChart shares={shares} label={inWords(shares)} />
          </Suspense>
        )}
        {shares.length > 0 && <Figures shares={shares} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default TrendsPage;
