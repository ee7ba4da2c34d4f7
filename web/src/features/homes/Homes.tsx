import { flameNames, productNames, situationNames, type HomeRow } from '@zymostat/contract';
import { enforce } from '@zymostat/core';
import { skipToken } from '@reduxjs/toolkit/query';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { useKeys } from '../../app/useKeys.ts';
import { Severity, StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { Flags } from '../protocols/Flags.tsx';
import { HeldUp } from '../protocols/HeldUp.tsx';
import { countInWords } from '../protocols/words.ts';

/** Fetched when somebody adds or changes a home. */
const HomeForm = lazy(() =>
  import('./HomeForm.tsx').then((module) => ({ default: module.HomeForm })),
);

const HomeSheet = ({ homeId }: { homeId: string }) => {
  const { data: home, error } = api.useHomeQuery(homeId);
  const { data: stock } = api.useStockQuery();
  const { data: me } = api.useMeQuery();
  const [editing, edit] = useState(false);
  const book = useBook();
  const [now] = useState(Date.now);
  if (error) return <WentWrong error={error} />;
  if (!home || home.id !== homeId || !stock || !me) return <Waiting what="the home" />;
  const objections = enforce(home, stock, { rules: me.company.houseRules, now, book });
  const [newest] = home.versions;
  const surfaces = home.rooms.flatMap((room) => room.surfaces);
  const say =
    surfaces.length === 0
      ? 'Not surveyed yet. Add its rooms and surfaces.'
      : objections.length > 0
        ? `${countInWords(objections.length)} before ${newest ? 'the next version' : 'approval'}.`
        : home.flags.length > 0
          ? `Version ${newest!.number} is to be reviewed.`
          : home.changedSinceApproval
            ? 'Nothing stands before approval.'
            : `Version ${newest!.number} stands as approved.`;
  return (
    <>
      <p className="crumb">
        <b>
          {home.name}, {home.place}
        </b>{' '}
        {home.situations.map((one) => (
          <span key={one}>· {situationNames[one]}</span>
        ))}
      </p>
      <Verdict
        say={say}
        why={
          newest &&
          `Version ${newest.number} was approved by ${newest.approvedBy} on ${dayOf(newest.approvedAt)}; rounds follow it until a next one is approved.`
        }
      >
        <Link
          className="btn btn--main"
          to={`/homes/${home.id}/${surfaces.length === 0 ? 'survey' : 'protocol'}`}
        >
          {surfaces.length === 0 ? 'Survey it' : 'Open the protocol'}
        </Link>
      </Verdict>
      <HeldUp home={home} objections={objections} />
      <Flags home={home} />
      <table className="ledger mt-4">
        <thead>
          <tr>
            <th>Room</th>
            <th>Air</th>
            <th className="num">Volume</th>
            <th className="num">Surfaces</th>
            <th className="num">To disinfect</th>
          </tr>
        </thead>
        <tbody>
          {home.rooms.map((room) => (
            <tr key={room.id}>
              <td>{room.name}</td>
              <td>
                {room.ventilation === 'none' ? 'no window or fan' : room.ventilation}
                {room.flame === 'no' ? '' : `; flame: ${flameNames[room.flame]}`}
              </td>
              <td className="num">{(room.floorArea * room.height).toFixed(0)} m³</td>
              <td className="num">{room.surfaces.length}</td>
              <td className="num">
                {room.surfaces.filter((surface) => surface.setting.goal !== 'clean').length}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="my-3 flex gap-5">
        <Link className="btn btn--quiet" to={`/homes/${home.id}/survey`}>
          Survey
        </Link>
        <button className="btn btn--quiet" onClick={() => edit(true)}>
          Change name and who lives here
        </button>
      </p>
      <Window open={editing} title={`Change ${home.name}`} onClose={() => edit(false)}>
        <Suspense>
          <HomeForm home={home} onDone={() => edit(false)} />
        </Suspense>
      </Window>
      {home.clientKeeps.length > 0 && (
        <p className="small soft mb-3">
          The client keeps: {home.clientKeeps.map((one) => productNames[one]).join(', ')}.
        </p>
      )}
    </>
  );
};

const rowNote = ({ rooms, surfaces, version, lastRoundAt }: HomeRow) =>
  surfaces === 0
    ? 'to be surveyed'
    : `${rooms} rooms, ${surfaces} surfaces · ${version === null ? 'not approved' : `version ${version}`}${lastRoundAt ? ` · last round ${dayOf(lastRoundAt)}` : ''}`;

const Homes = () => {
  const { data: homes, error } = api.useHomesQuery();
  const { data: me } = api.useMeQuery();
  // Judged after the list is there: what is approved and no longer holds is named at its home.
  const { data: untrue = [] } = api.useRuleEffectsQuery(me ? me.company.houseRules : skipToken);
  const toReview = new Set(untrue.map(({ homeId }) => homeId));
  const [search, setSearch] = useSearchParams();
  const [adding, add] = useState(false);
  const navigate = useNavigate();
  const chosen = search.get('home') ?? homes?.[0]?.id;
  const choose = (id: string) => setSearch({ home: id }, { replace: true });
  const walk = walkKeys(homes?.map((home) => home.id) ?? [], chosen, choose);
  useKeys({
    n: () => add(true),
    Enter: chosen ? () => void navigate(`/homes/${chosen}/protocol`) : undefined,
    ...walk,
  });
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Homes">
        <div className="headline">
          <h1>Homes</h1>
          <button className="btn" onClick={() => add(true)}>
            Add a home <span className="key">n</span>
          </button>
        </div>
        <WentWrong error={error} />
        {homes?.length === 0 && <p className="soft">No home yet. Add the first one.</p>}
        <ul className="list">
          {homes?.map((home) => (
            <li key={home.id}>
              <button
                className={`list__row ${home.id === chosen ? 'on-ink' : ''}`}
                aria-current={home.id === chosen || undefined}
                onClick={() => choose(home.id)}
              >
                <span className="flex items-baseline justify-between gap-3">
                  <span>
                    <b className="font-semibold">
                      {home.name}, {home.place}
                    </b>
                    {home.situations.length > 0 && (
                      <span className="soft">
                        {' '}
                        · {home.situations.map((one) => situationNames[one]).join(', ')}
                      </span>
                    )}
                  </span>
                  {toReview.has(home.id) && <Severity is="care" word="Review" />}
                </span>
                <span className="small soft block">{rowNote(home)}</span>
              </button>
            </li>
          ))}
        </ul>
        <Window open={adding} title="Add a home" onClose={() => add(false)}>
          <Suspense>
            <HomeForm
              onDone={(id) => {
                add(false);
                if (id) void navigate(`/homes/${id}/survey`);
              }}
            />
          </Suspense>
        </Window>
      </section>
      <section className="sheet" aria-label="The home">
        {chosen ? (
          <HomeSheet homeId={chosen} />
        ) : (
          <p className="soft py-6">A home’s protocol begins with its survey.</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Homes;
