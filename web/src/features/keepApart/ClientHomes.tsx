import {
  productNames,
  reasonInWords,
  routeNames,
  severityNames,
  wordsOfRule,
  type HomeRow,
} from '@zymostat/contract';
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
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { useKeys } from '../../app/useKeys.ts';
import { Severity, StandingNote, Waiting } from '../../ui/parts.tsx';
import { walkKeys } from '../../ui/walk.ts';
import { KeepApartHead } from './KeepApartHead.tsx';
import { ofStock } from './pickables.ts';

/** One home: what the client keeps, against itself and against what the protocol brings. */
const Home = ({ homeId }: { homeId: string }) => {
  const { data: home } = api.useHomeQuery(homeId);
  const { data: stocks } = api.useStockQuery();
  const { data: me } = api.useMeQuery();
  const book = useBook();
  const [now] = useState(Date.now);
  if (!home || home.id !== homeId || !stocks || !me) return <Waiting what="the home" />;
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
          ? `${barred.length} ${barred.length === 1 ? 'surface is' : 'surfaces are'} barred by what the client keeps.`
          : keeps.length === 0
            ? 'Nothing of the client’s is written down.'
            : against.length > 0
              ? 'What the client keeps and what we bring must be kept apart.'
              : 'No rule speaks against what the client keeps.'}
      </p>
      {barred.map(({ surfaceId, reasons }) => (
        <p key={surfaceId} className="mb-2 flex flex-wrap items-baseline gap-x-3">
          <Severity is="never" />
          <Link className="font-semibold underline" to={`/homes/${home.id}/protocol/${surfaceId}`}>
            {nameOf.get(surfaceId)}
          </Link>
          <span>{reasonInWords(reasons.find(({ code }) => code === 'meets-in-bowl')!)}</span>
        </p>
      ))}
      {lifted.length > 0 && bowlOf(keeps).length > 0 && (
        <p className="notice mb-3">
          In the protocol: the tablet is taken out and the bowl flushed twice before{' '}
          {lifted.map(({ surface }) => surface.name).join(', ')}.
        </p>
      )}
      {against.length > 0 && (
        <table className="ledger mb-4">
          <thead>
            <tr>
              <th>The client’s</th>
              <th>Ours</th>
              <th>Worst</th>
              <th>By which route, and why</th>
            </tr>
          </thead>
          <tbody>
            {against.map(({ id, ours, severity, by }) => (
              <tr key={`${id} ${ours.key}`}>
                <td>{productNames[id]}</td>
                <td>
                  <Link className="underline" to={`/keep-apart?a=${id}&b=${ours.key}`}>
                    {ours.name.replace(/ \(ours.*/, '')}
                  </Link>
                </td>
                <td>
                  <Severity is={severity} />
                </td>
                <td>
                  {by.map(({ route }) => routeNames[route].toLowerCase()).join(', ')}.{' '}
                  <span className="soft">
                    {wordsOfRule(by[0]!.bites[0]!.rule, by[0]!.bites[0]!.says).happens}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {inside.length > 0 && (
        <section>
          <h2>In the client’s own cupboard</h2>
          <ul className="mt-1 grid gap-1">
            {inside.map(({ a, b, combination }) => (
              <li key={`${a} ${b}`}>
                <Severity is={combination.severity} /> {productNames[keeps[a]!]} and{' '}
                {productNames[keeps[b]!]}: tell the client to part them.
              </li>
            ))}
          </ul>
        </section>
      )}
      <h2 className="mt-3">Kept there</h2>
      <p className="mb-3">
        {keeps.length > 0 ? (
          keeps.map((id) => productNames[id]).join(', ')
        ) : (
          <span className="soft">Ask at the survey, and look into the cistern.</span>
        )}{' '}
        <Link className="btn btn--quiet ml-3" to="/homes">
          Change it at the home
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
  const { data: homes = [] } = api.useHomesQuery();
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
      <section className="leaf" aria-label="At clients">
        <KeepApartHead title="At clients" />
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
                      <span className="small">{severityNames.never} in there</span>
                    )}
                  </span>
                  <span className="small soft">
                    {home.clientKeeps.length > 0
                      ? home.clientKeeps.map((id) => productNames[id]).join(', ')
                      : 'nothing written down'}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </section>
      <section className="sheet" aria-label="The home">
        {chosen && <Home key={chosen.id} homeId={chosen.id} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default ClientHomes;
