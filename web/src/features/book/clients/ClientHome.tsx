import type { HomeDetail } from '@zymostat/contract';
import { bowlOf } from '@zymostat/core';
import { reasonInWords, wordsOfRule } from '@zymostat/words';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMeQuery } from '../../../api/me.ts';
import { useBook } from '../../../api/useBook.ts';
import { Severity, Waiting } from '../../../ui/parts.tsx';
import { listOf } from '../../../words/list.ts';
import { w } from '../../../words/words.ts';
import { useHomeQuery } from '../../homes/api.ts';
import { useStockQuery } from '../../stock/api.ts';
import { shortName } from '../pickables.ts';
import { againstClient, type AgainstClient } from './againstClient.ts';

interface Props {
  home: HomeDetail;
  of: AgainstClient;
}

const sayOf = ({ barred, keeps, against }: AgainstClient): string => {
  if (barred.length > 0)
    return w.say('apart.barredByWhatTheClient', { barredCount: barred.length });
  if (keeps.length === 0) return w.name('apart', 'nothingOfTheClientS');
  return against.length > 0
    ? w.name('apart', 'whatTheClientKeepsAnd')
    : w.name('apart', 'noRuleSpeaksAgainstWhat');
};

/** Surfaces on which nothing may go before the client's tablet is out, and those where it is. */
const Bowl = ({ home, of: { barred, lifted, keeps } }: Props) => {
  const nameOf = (id: string) => {
    const room = home.rooms.find((one) => one.surfaces.some((surface) => surface.id === id))!;
    return `${room.name}: ${room.surfaces.find((surface) => surface.id === id)!.name}`;
  };
  return (
    <>
      {barred.map(({ surfaceId, reason }) => (
        <p key={surfaceId} className="mb-2 flex flex-wrap items-baseline gap-x-3">
          <Severity is="never" />
          <Link className="font-semibold underline" to={`/homes/${home.id}/protocol/${surfaceId}`}>
            {nameOf(surfaceId)}
          </Link>
          <span>{reasonInWords(w, reason)}</span>
        </p>
      ))}
      {lifted.length > 0 && bowlOf(keeps).length > 0 && (
        <p className="notice mb-3">
          {w.say('apart.inTheProtocolTheTablet', {
            lifted: listOf(lifted.map(({ name }) => name)),
          })}
        </p>
      )}
    </>
  );
};

type Meeting = AgainstClient['against'][number];

const Row = ({ of: { id, ours, severity, by } }: { of: Meeting }) => {
  const [first] = by[0]!.bites;
  return (
    <tr>
      <td>{w.name('product', id)}</td>
      <td>
        <Link className="underline" to={`/keep-apart?a=${id}&b=${ours.key}`}>
          {shortName(ours.name)}
        </Link>
      </td>
      <td>
        <Severity is={severity} />
      </td>
      <td>
        {by.map(({ route }) => w.name('route', route).toLowerCase()).join(', ')}.{' '}
        <span className="soft">{wordsOfRule(w, first!.rule, first!.says).happens}</span>
      </td>
    </tr>
  );
};

const Against = ({ of: { against } }: Props) =>
  against.length > 0 && (
    <table className="ledger mb-4">
      <thead>
        <tr>
          <th>{w.name('apart', 'theClientS')}</th>
          <th>{w.name('apart', 'ours')}</th>
          <th>{w.name('apart', 'worst')}</th>
          <th>{w.name('apart', 'byWhichRouteAndWhy')}</th>
        </tr>
      </thead>
      <tbody>
        {against.map((one) => (
          <Row key={`${one.id} ${one.ours.key}`} of={one} />
        ))}
      </tbody>
    </table>
  );

const Inside = ({ of: { inside, keeps } }: Props) =>
  inside.length > 0 && (
    <section>
      <h2>{w.name('apart', 'inTheClientSOwn')}</h2>
      <ul className="mt-1 grid gap-1">
        {inside.map(({ a, b, combination }) => (
          <li key={`${a} ${b}`}>
            <Severity is={combination.severity} />{' '}
            {w.say('apart.andTellTheClientTo', {
              a: w.name('product', keeps[a]!),
              b: w.name('product', keeps[b]!),
            })}
          </li>
        ))}
      </ul>
    </section>
  );

const Kept = ({ of: { keeps } }: Props) => (
  <>
    <h2 className="mt-3">{w.name('apart', 'keptThere')}</h2>
    <p className="mb-3">
      {keeps.length > 0 ? (
        keeps.map((id) => w.name('product', id)).join(', ')
      ) : (
        <span className="soft">{w.name('apart', 'askAtTheSurveyAnd')}</span>
      )}{' '}
      <Link className="btn btn--quiet ml-3" to="/homes">
        {w.name('apart', 'changeItAtTheHome')}
      </Link>
    </p>
  </>
);

/** What a home's client keeps, judged once everything is there. */
const useAgainst = (homeId: string): Props | undefined => {
  const { currentData: home } = useHomeQuery(homeId);
  const { data: stocks } = useStockQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [now] = useState(Date.now);
  if (home?.id !== homeId || !stocks || !me) return undefined;
  return { home, of: againstClient(home, stocks, { rules: me.company.houseRules, now, book }) };
};

/** One home: what the client keeps, against itself and against what the protocol brings. */
export const ClientHome = ({ homeId }: { homeId: string }) => {
  const found = useAgainst(homeId);
  if (!found) return <Waiting what={w.name('apart', 'theHome')} />;
  const { home, of } = found;
  return (
    <>
      <p className="crumb">
        <b>
          {home.name}, {home.place}
        </b>
      </p>
      <p className="verdict__say my-2" role="status">
        {sayOf(of)}
      </p>
      <Bowl home={home} of={of} />
      <Against home={home} of={of} />
      <Inside home={home} of={of} />
      <Kept home={home} of={of} />
    </>
  );
};
