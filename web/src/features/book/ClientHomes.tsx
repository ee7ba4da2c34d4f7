import { rich } from '../../words/rich.tsx';
import { type HomeRow } from '@zymostat/contract';
import { reasonInWords, wordsOfRule } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  bowlOf,
  enforce,
  isAgainst,
  judgeCombination,
  judgeSet,
  products,
  routes,
  worstOf,
  type Severity as SeverityName,
} from '@zymostat/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useHomeQuery, useHomesQuery } from '../homes/api.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Severity, StandingNote, Waiting } from '../../ui/parts.tsx';
import { walkKeys } from '../../ui/walk.ts';
import { KeepApartHead } from './KeepApartHead.tsx';
import { ofStock } from './pickables.ts';

/** One home: what the client keeps, against itself and against what the protocol brings. */
const Home = ({ homeId }: { homeId: string }) => {
  const { data: home } = useHomeQuery(homeId);
  const { data: stocks } = useStockQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [now] = useState(Date.now);
  if (!home || home.id !== homeId || !stocks || !me)
    return <Waiting what={w.name('apart', 'theHome')} />;
  const keeps = home.clientKeeps;
  const brought = stocks
    .filter(({ id }) =>
      home.rooms.some((room) => room.surfaces.some(({ setting }) => setting.use?.stockId === id)),
    )
    .map(ofStock);
  const inside = judgeSet(
    keeps.map((id) => products[id]),
    'shelf',
    {},
    book,
  ).conflicts;
  const against = keeps
    .flatMap((id) =>
      brought.map((ours) => {
        const by = routes.map((route) => ({
          route,
          ...judgeCombination(products[id], ours.product, { route: route }, book),
        }));
        return {
          id,
          ours,
          severity: worstOf(by.map(({ severity }) => severity)),
          by: by.filter(({ severity }) => isAgainst(severity)),
        };
      }),
    )
    .filter(({ severity }) => isAgainst(severity));
  const barred = enforce(home, stocks, { rules: me.company.houseRules, now, book }).filter(
    ({ reasons }) => reasons.some(({ code }) => code === 'meets-in-bowl'),
  );
  const lifted = home.rooms.flatMap((room) =>
    room.surfaces.filter(({ setting }) => setting.lifts).map((surface) => ({ room, surface })),
  );
  const nameOf = new Map(
    home.rooms.flatMap((room) =>
      room.surfaces.map((surface) => [surface.id, `${room.name}: ${surface.name}`]),
    ),
  );
  return (
    <>
      <p className="crumb">
        <b>
          {home.name}, {home.place}
        </b>
      </p>
      <p className="verdict__say my-2" role="status">
        {barred.length > 0
          ? w.say('apart.barredByWhatTheClient', {
              barredCount: barred.length,
            })
          : keeps.length === 0
            ? w.name('apart', 'nothingOfTheClientS')
            : against.length > 0
              ? w.name('apart', 'whatTheClientKeepsAnd')
              : w.name('apart', 'noRuleSpeaksAgainstWhat')}
      </p>
      {barred.map(({ surfaceId, reasons }) => (
        <p key={surfaceId} className="mb-2 flex flex-wrap items-baseline gap-x-3">
          <Severity is="never" />
          <Link className="font-semibold underline" to={`/homes/${home.id}/protocol/${surfaceId}`}>
            {nameOf.get(surfaceId)}
          </Link>
          <span>
            {reasonInWords(
              w,
              reasons.find(({ code }) => code === 'meets-in-bowl')!,
            )}
          </span>
        </p>
      ))}
      {lifted.length > 0 && bowlOf(keeps).length > 0 && (
        <p className="notice mb-3">
          {rich('apart.inTheProtocolTheTablet', {
            lifted: lifted.map(({ surface }) => surface.name).join(', '),
          })}
        </p>
      )}
      {against.length > 0 && (
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
            {against.map(({ id, ours, severity, by }) => (
              <tr key={`${id} ${ours.key}`}>
                <td>{w.name('product', id)}</td>
                <td>
                  <Link className="underline" to={`/keep-apart?a=${id}&b=${ours.key}`}>
                    {ours.name.replace(/ \(ours.*/, '')}
                  </Link>
                </td>
                <td>
                  <Severity is={severity} />
                </td>
                <td>
                  {by.map(({ route }) => w.name('route', route).toLowerCase()).join(', ')}.{' '}
                  <span className="soft">
                    {wordsOfRule(w, by[0]!.bites[0]!.rule, by[0]!.bites[0]!.says).happens}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {inside.length > 0 && (
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
      )}
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
};

/** The worst that a home's own things would do with each other and with anything of ours. */
const worstAt = ({ clientKeeps }: HomeRow): SeverityName | null =>
  clientKeeps.length === 0
    ? null
    : bowlOf(clientKeeps).length > 0 || clientKeeps.includes('unlabelled-bottle')
      ? 'never'
      : 'care';

/** What clients keep, home by home, against the protocols there. */
const ClientHomes = () => {
  const { data: homes = [] } = useHomesQuery();
  const [chosenId, choose] = useState<string>();
  const chosen =
    homes.find(({ id }) => id === chosenId) ??
    homes.find(({ clientKeeps }) => clientKeeps.length > 0) ??
    homes[0];
  useKeys(
    walkKeys(
      homes.map(({ id }) => id),
      chosen?.id,
      choose,
    ),
  );
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'atClients')}>
        <KeepApartHead title={w.name('apart', 'atClients')} />
        <ol className="list">
          {homes.map((home) => {
            const worst = worstAt(home);
            return (
              <li key={home.id}>
                <button
                  className={`list__row ${home === chosen ? 'on-ink' : ''}`}
                  aria-current={home === chosen || undefined}
                  onClick={() => choose(home.id)}
                >
                  <span className="flex justify-between gap-3">
                    <b className="font-semibold">
                      {home.name}, {home.place}
                    </b>
                    {worst === 'never' && (
                      <span className="small">
                        {w.say('apart.inThere', { value: w.name('severity', 'never') })}
                      </span>
                    )}
                  </span>
                  <span className="small soft">
                    {home.clientKeeps.length > 0
                      ? home.clientKeeps.map((id) => w.name('product', id)).join(', ')
                      : w.name('apart', 'nothingWrittenDown')}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </section>
      <section className="sheet" aria-label={w.name('apart', 'theHome2')}>
        {chosen && <Home key={chosen.id} homeId={chosen.id} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default ClientHomes;
