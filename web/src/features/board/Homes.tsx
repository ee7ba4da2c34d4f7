import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type HomeRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { enforce } from '@zymostat/core';
import { skipToken } from '@reduxjs/toolkit/query';
import { Suspense, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useHomeQuery, useHomesQuery } from '../homes/api.ts';
import { useRuleEffectsQuery } from '../protocols/api.ts';
import { useStockQuery } from '../stock/api.ts';
import { later } from '../../words/later.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Severity, StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { Flags } from '../protocols/Flags.tsx';
import { HeldUp } from '../protocols/HeldUp.tsx';

/** Fetched when somebody adds or changes a home. */
const HomeForm = later(() =>
  import('../homes/HomeForm.tsx').then((module) => ({ default: module.HomeForm })),
);

const HomeSheet = ({ homeId }: { homeId: string }) => {
  const { data: home, error } = useHomeQuery(homeId);
  const { data: stock } = useStockQuery();
  const { data: me } = useMeQuery();
  const [editing, edit] = useState(false);
  const book = useBook();
  const [now] = useState(Date.now);
  if (error) return <WentWrong error={error} />;
  if (!home || home.id !== homeId || !stock || !me)
    return <Waiting what={w.name('homes', 'theHome')} />;
  const objections = enforce(home, stock, { rules: me.company.houseRules, now, book });
  const [newest] = home.versions;
  const surfaces = home.rooms.flatMap((room) => room.surfaces);
  const say =
    surfaces.length === 0
      ? w.name('homes', 'notSurveyedYetAddIts')
      : objections.length > 0
        ? w.say('homes.before', {
            objectionsCount: objections.length,
            newest: newest ? w.name('homes', 'theNextVersion') : w.name('homes', 'approval'),
          })
        : home.flags.length > 0
          ? w.say('homes.versionIsToBeReviewed', { number: newest!.number })
          : home.changedSinceApproval
            ? w.name('homes', 'nothingStandsBeforeApproval')
            : w.say('homes.versionStandsAsApproved', { number: newest!.number });
  return (
    <>
      <p className="crumb">
        <b>
          {home.name}, {home.place}
        </b>{' '}
        {home.situations.map((one) => (
          <span key={one}>· {w.name('situation', one)}</span>
        ))}
      </p>
      <Verdict
        say={say}
        why={
          newest &&
          w.say('homes.versionWasApprovedByOn', {
            number: newest.number,
            approvedBy: newest.approvedBy,
            approvedAt: dayOf(newest.approvedAt),
          })
        }
      >
        <Link
          className="btn btn--main"
          to={`/homes/${home.id}/${surfaces.length === 0 ? 'survey' : 'protocol'}`}
        >
          {surfaces.length === 0 ? w.name('homes', 'surveyIt') : w.name('homes', 'openTheProtocol')}
        </Link>
      </Verdict>
      <HeldUp home={home} objections={objections} />
      <Flags home={home} />
      <table className="ledger mt-4">
        <thead>
          <tr>
            <th>{w.name('homes', 'room')}</th>
            <th>{w.name('homes', 'air')}</th>
            <th className="num">{w.name('homes', 'volume')}</th>
            <th className="num">{w.name('homes', 'surfaces')}</th>
            <th className="num">{w.name('homes', 'toDisinfect')}</th>
          </tr>
        </thead>
        <tbody>
          {home.rooms.map((room) => (
            <tr key={room.id}>
              <td>{room.name}</td>
              <td>
                {w.name('ventilation', room.ventilation)}
                {room.flame === 'no'
                  ? ''
                  : w.say('homes.flame', { flame: w.name('flame', room.flame) })}
              </td>
              <td className="num">
                {w.say('homes.m', { floorArea: (room.floorArea * room.height).toFixed(0) })}
              </td>
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
          {w.name('homes', 'survey')}
        </Link>
        <button className="btn btn--quiet" onClick={() => edit(true)}>
          {w.name('homes', 'changeNameAndWhoLives')}
        </button>
      </p>
      <Window
        open={editing}
        title={w.say('homes.change', { home: home.name })}
        onClose={() => edit(false)}
      >
        <Suspense>
          <HomeForm home={home} onDone={() => edit(false)} />
        </Suspense>
      </Window>
      {home.clientKeeps.length > 0 && (
        <p className="small soft mb-3">
          {rich('homes.theClientKeeps', {
            clientKeeps: home.clientKeeps.map((one) => w.name('product', one)).join(', '),
          })}
        </p>
      )}
    </>
  );
};

const rowNote = ({ rooms, surfaces, version, lastRoundAt }: HomeRow) =>
  surfaces === 0
    ? w.name('homes', 'toBeSurveyed')
    : w.say('homes.roomsSurfaces', {
        rooms,
        surfaces,
        version:
          version === null ? w.name('homes', 'notApproved') : w.say('homes.version', { version }),
        lastRoundAt: lastRoundAt
          ? w.say('homes.lastRound', { lastRoundAt: dayOf(lastRoundAt) })
          : '',
      });

const Homes = () => {
  const { data: homes, error } = useHomesQuery();
  const { data: me } = useMeQuery();
  // Judged after the list is there: what is approved and no longer holds is named at its home.
  const { data: untrue = [] } = useRuleEffectsQuery(me ? me.company.houseRules : skipToken);
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
      <section className="leaf" aria-label={w.name('homes', 'homes2')}>
        <div className="headline">
          <h1>{w.name('homes', 'homes2')}</h1>
          <button className="btn" onClick={() => add(true)}>
            {rich('homes.addAHomeN', {
              soft: (text: ReactNode) => <span className="key">{text}</span>,
            })}
          </button>
        </div>
        <WentWrong error={error} />
        {homes?.length === 0 && <p className="soft">{w.name('homes', 'noHomeYetAddThe')}</p>}
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
                        · {home.situations.map((one) => w.name('situation', one)).join(', ')}
                      </span>
                    )}
                  </span>
                  {toReview.has(home.id) && <Severity is="care" word={w.name('homes', 'review')} />}
                </span>
                <span className="small soft block">{rowNote(home)}</span>
              </button>
            </li>
          ))}
        </ul>
        <Window open={adding} title={w.name('homes', 'addAHome')} onClose={() => add(false)}>
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
      <section className="sheet" aria-label={w.name('homes', 'theHome2')}>
        {chosen ? (
          <HomeSheet homeId={chosen} />
        ) : (
          <p className="soft py-6">{w.name('homes', 'aHomeSProtocolBegins')}</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Homes;
