import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { clock as clockWords } from '@zymostat/words';
import { cleanedStep } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { outcomeOf, secondsBetween, type EventKind, type Verdict } from '@zymostat/core';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useBatchesQuery } from '../batches/api.ts';
import { useFinishRoundMutation, useRoundQuery } from './api.ts';
import { useBook } from '../../api/useBook.ts';
import { useAppSelector } from '../../store/store.ts';
import { StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { useNow } from '../../ui/useNow.ts';
import { Window } from '../../ui/Window.tsx';
import { KeptHere, NotTaken } from './KeptHere.tsx';
import { StopScreen } from './StopScreen.tsx';
import { SurfaceScreen } from './SurfaceScreen.tsx';
import { asBatches, doAt, useStops, type Stop } from './useRound.ts';
import { useAwake } from './useAwake.ts';

const Saved = () => {
  const { waiting, online } = useAppSelector((state) => state.outbox);
  return (
    <span className="phone__saved" role="status">
      {waiting.length > 0 && <i />}
      {waiting.length === 0
        ? w.name('round', 'allSent')
        : online
          ? w.name('round', 'sending')
          : w.name('round', 'noSignalKeptOnPhone')}
    </span>
  );
};

/** What a surface waits for, in a word or a time. */
const nextWord = ({ surface, treatment, clock }: Stop, now: number) => {
  if (clock.wetSince !== null) {
    const left = treatment.seconds - secondsBetween(clock.wetSince, now);
    return left > 0 ? (
      <>
        {rich('round.wipeIn', {
          b: (text: ReactNode) => <b className="fig">{text}</b>,
          left: clockWords(left),
        })}
      </>
    ) : (
      <b className="never-ink">{w.name('round', 'wipeNow')}</b>
    );
  }
  if (clock.done)
    return outcomeOf(clock, treatment) === 'not-met' ? w.name('round', 'notMet') : 'done';
  if (clock.stretches.length > 0)
    return clock.stretches.at(-1)!.ended === 'wiped' ? 'rinse' : w.name('round', 'dryAgain');
  if (treatment.flushes && !clock.lifted)
    return treatment.lifts ? w.name('round', 'tabletOutFirst') : w.name('round', 'flushFirst');
  if (clock.washed) return 'apply';
  const clean = w.name('step', cleanedStep(surface.steps));
  return surface.treatment ? w.say('round.apply', { clean }) : clean;
};

/**
 * The next thing to do: what is due first, then the first surface that is not done and not waiting.
 */
const upNext = (stops: Stop[], now: number): Stop | undefined =>
  stops.find(
    ({ clock, treatment }) =>
      clock.wetSince !== null && secondsBetween(clock.wetSince, now) >= treatment.seconds,
  ) ??
  stops.find(({ clock }) => clock.wetSince === null && !clock.done) ??
  stops.find(({ clock }) => clock.wetSince !== null);

const RoundPage = () => {
  const { roundId } = useParams<{ roundId: string }>();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const { data: round, error } = useRoundQuery(roundId!, { refetchOnMountOrArgChange: true });
  const { data: rows = [] } = useBatchesQuery();
  const { data: me } = useMeQuery();
  const [finish, finishing] = useFinishRoundMutation();
  const [stopped, setStopped] = useState<{
    verdict: Verdict;
    stop: Stop;
    batchId: string | null;
  } | null>(null);
  const [asking, ask] = useState<'early' | 'finish' | null>(null);
  const [hands, setHands] = useState<Record<string, string>>({});
  const unsent = useAppSelector((state) => state.outbox.waiting.length);
  const stops = useStops(round);
  const book = useBook();
  const now = useNow(500);
  useAwake(stops.some(({ clock }) => clock.wetSince !== null));

  if (error && !round)
    return (
      <main className="p-6">
        <WentWrong error={error} />
        <Link className="btn btn--quiet" to="/rounds">
          {w.name('round', 'toTheRounds')}
        </Link>
      </main>
    );
  if (!round || !me)
    return (
      <main className="px-6">
        <Waiting what={w.name('round', 'theRound')} />
      </main>
    );

  const batches = asBatches(rows);
  const current =
    stops.find(({ surface }) => surface.id === search.get('surface')) ??
    upNext(stops, now) ??
    stops[0]!;
  const go = (id: string) => setSearch({ surface: id }, { replace: true });
  const nameOf = (id: string) =>
    stops.find(({ surface }) => surface.id === id)?.surface.name ??
    w.name('round', 'inAnotherRound');
  const open = stops.filter(({ clock }) => !clock.done);
  const at = stops.indexOf(current);
  const others = [...stops.slice(at + 1), ...stops.slice(0, at)];
  const ahead = others
    .filter(({ clock }) => !clock.done)
    .sort((a, b) => Number(b.clock.wetSince !== null) - Number(a.clock.wetSince !== null));

  /** Bottles that fit what is set come first; the newest of them is taken to be in hand. */
  const fitting = rows.find(
    (row) =>
      current.treatment.use &&
      row.active === current.treatment.use.active &&
      Math.abs(row.strength - current.treatment.use.strength) < 1e-9 &&
      row.discardAfter > now &&
      (row.active !== 'registered product' || row.stockId === current.treatment.use.stockId) &&
      (row.status === 'verified' ||
        row.active === 'registered product' ||
        (row.status === 'unchecked' && current.treatment.seconds === 0)),
  );
  const hand =
    hands[current.surface.id] ??
    (current.clock.wetSince === null ? fitting?.id : current.clock.on[0]) ??
    null;

  const act = (kind: EventKind) => {
    ask(null);
    const batchId = kind === 'applied' || kind === 'rewet' ? hand : null;
    const who = { roundId: round.id, personId: me.person.id };
    const around = { batches, clientKeeps: round.clientKeeps, book };
    const verdict = doAt(who, current, { kind, batchId }, around);
    if (verdict.outcome === 'never') setStopped({ verdict, stop: current, batchId });
    else go(current.surface.id);
  };
  const wipe = () => {
    const early =
      current.clock.wetSince !== null &&
      secondsBetween(current.clock.wetSince, Date.now()) < current.treatment.seconds;
    if (early) ask('early');
    else act('wiped');
  };
  const leave = async () => {
    const result = await finish(round.id);
    if (!result.error) void navigate('/rounds');
  };

  /** The refused bottle goes back; what fits the protocol is taken to be in hand again. */
  const putBack = () => {
    setHands(Object.fromEntries(Object.entries(hands).filter(([id]) => id !== current.surface.id)));
    setStopped(null);
  };

  if (stopped)
    return (
      <StopScreen {...stopped} rows={rows} poisonLine={me.company.poisonLine} onBack={putBack} />
    );
  const held = current.clock.wetSince === null ? 0 : secondsBetween(current.clock.wetSince, now);
  return (
    <main className="phone">
      <header className="phone__top">
        <Link to="/rounds" className="phone__back">
          {w.name('round', 'rounds2')}
        </Link>
        <b>{current.roomName}</b>
        <Saved />
      </header>
      <KeptHere nameOf={nameOf} />
      <SurfaceScreen
        stop={current}
        rows={rows}
        hand={hand}
        now={now}
        onHand={(id) => setHands({ ...hands, [current.surface.id]: id })}
        onDo={act}
        onWipe={wipe}
        onNext={ahead[0] && (() => go(ahead[0]!.surface.id))}
      />
      <section className="phone__next">
        <h2>
          {current.clock.wetSince !== null
            ? w.name('round', 'nextWhileTheClockRuns')
            : ahead.length > 0
              ? w.name('round', 'next')
              : w.name('round', 'everythingElseIsDone')}
        </h2>
        <ol>
          {ahead.map((stop) => (
            <li key={stop.surface.id}>
              <button className="cursor-pointer text-left" onClick={() => go(stop.surface.id)}>
                {stop.roomName === current.roomName ? '' : `${stop.roomName}: `}
                {stop.surface.name}
              </button>
              <span>{nextWord(stop, now)}</span>
            </li>
          ))}
        </ol>
        <p className="my-4">
          <button className="btn w-full" onClick={() => ask('finish')}>
            {w.name('round', 'finishTheRound')}
          </button>
        </p>
        <details className="mb-4 text-[16px]">
          <summary className="soft min-h-11 cursor-pointer">
            {w.say('round.allSurfacesDone', {
              stopsCount: stops.length,
              stopsCount2: stops.length - open.length,
            })}
          </summary>
          <ol>
            {stops.map((stop) => (
              <li key={stop.surface.id}>
                <button className="cursor-pointer text-left" onClick={() => go(stop.surface.id)}>
                  {stop.roomName}: {stop.surface.name}
                </button>
                <span>{nextWord(stop, now)}</span>
              </li>
            ))}
          </ol>
        </details>
        <NotTaken nameOf={nameOf} />
        <StandingNote />
      </section>
      <Window
        open={asking === 'early'}
        title={w.say('round.wipeNow2', { name: current.surface.name })}
        onClose={() => ask(null)}
      >
        <p className="mb-4 text-[18px]">
          {rich('round.itHasBeenWetOf', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            held: clockWords(held),
            seconds: clockWords(current.treatment.seconds),
          })}
        </p>
        <p className="grid gap-3">
          <button className="btn btn--main min-h-14" onClick={() => ask(null)}>
            {w.name('round', 'keepItWet')}
          </button>
          <button className="btn min-h-14" onClick={() => act('wiped')}>
            {w.name('round', 'wipeItNotMet')}
          </button>
        </p>
      </Window>
      <Window
        open={asking === 'finish'}
        title={w.say('round.finishSRound', { homeName: round.homeName })}
        onClose={() => ask(null)}
      >
        <p className="mb-4 text-[18px]">
          {open.length === 0
            ? w.name('round', 'everySurfaceIsDone')
            : w.say('round.ofSurfacesAreNotDone', {
                openCount: open.length,
                stopsCount: stops.length,
                open: open
                  .slice(0, 4)
                  .map(({ surface }) => surface.name)
                  .join(', '),
                openCount2: open.length > 4 ? ' …' : '',
              })}
        </p>
        {unsent > 0 && (
          <p className="notice mb-3">{w.say('round.stillToBeSentWait', { unsent })}</p>
        )}
        <WentWrong error={finishing.error} />
        <p className="grid gap-3">
          <button className="btn btn--main min-h-14" onClick={() => ask(null)}>
            {w.name('round', 'goOnWithIt')}
          </button>
          <button className="btn min-h-14" disabled={unsent > 0} onClick={leave}>
            {w.name('round', 'finishIt')}
          </button>
        </p>
      </Window>
    </main>
  );
};
export default RoundPage;
