import './phone.css';
import type { RoundRow } from '@zymostat/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as newId } from 'uuid';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { useGoOn } from '../../ui/useGoOn.ts';
import { w } from '../../words/words.ts';
import { useRoundHomesQuery, useRoundsQuery, useStartRoundMutation } from './api.ts';
import { KeptHere } from './KeptHere.tsx';

/** Starts the round of a home; pressed twice, or sent twice, it is the same round. */
const useStart = () => {
  const [startRound, starting] = useStartRoundMutation();
  const [ids] = useState(() => new Map<string, string>());
  const goOn = useGoOn();
  const start = async (homeId: string) => {
    if (!ids.has(homeId)) ids.set(homeId, newId());
    const { data } = await startRound({ id: ids.get(homeId)!, homeId });
    if (data) goOn(`/rounds/${data.id}`);
  };
  return { start: (homeId: string) => void start(homeId), starting };
};

const Row = ({ round: { id, homeName, place, by, startedAt } }: { round: RoundRow }) => (
  <Link className="list__row" to={`/rounds/${id}`}>
    <b className="font-semibold">
      {homeName}, {place}
    </b>
    <span className="small soft block">
      {w.say('round.begun', { by, startedAt: momentOf(startedAt) })}
    </span>
  </Link>
);

/** Rounds of one's own to go on with, and below them those of others, to join. */
const InHand = ({ rounds = [] }: { rounds: RoundRow[] | undefined }) => {
  const own = rounds.filter(({ joined }) => joined);
  const others = rounds.filter(({ joined }) => !joined);
  return (
    <>
      <h2 className="mb-1">{w.name('round', 'inHand')}</h2>
      {own.length === 0 && <p className="soft">{w.name('round', 'noneStartOneFromIts')}</p>}
      <ul className="list">
        {own.map((round) => (
          <li key={round.id}>
            <Row round={round} />
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <>
          <h2 className="mt-5 mb-1">{w.name('round', 'othersAtWork')}</h2>
          <ul className="list">
            {others.map((round) => (
              <li key={round.id}>
                <Row round={round} />
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
};

const StartOne = () => {
  const { data: homes } = useRoundHomesQuery();
  const { start, starting } = useStart();
  return (
    <>
      <WentWrong error={starting.error} />
      {homes?.length === 0 && <p className="soft">{w.name('round', 'noHomeHasAnApproved')}</p>}
      <ul className="list mb-6">
        {homes?.map(({ id, name, place }) => (
          <li key={id} className="flex items-center justify-between gap-3 py-2">
            <span>
              <b className="font-semibold">{name}</b>, {place}
            </span>
            <button className="btn" disabled={starting.isLoading} onClick={() => start(id)}>
              {w.say('round.startSRound', { home: name })}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
};

/** Which round to work: one in hand, or a new one by a home's approved protocol. */
const Rounds = () => {
  const { data: rounds, error } = useRoundsQuery();
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('round', 'roundsInHand')}>
        <div className="headline">
          <h1>{w.name('round', 'rounds2')}</h1>
        </div>
        <WentWrong error={error} />
        <KeptHere nameOf={() => w.name('round', 'atOneSurface')} />
        <InHand rounds={rounds} />
      </section>
      <section className="sheet" aria-label={w.name('round', 'startARound')}>
        <Verdict
          say={w.name('round', 'startARound')}
          why={w.name('round', 'eachFollowsTheNewestApproved')}
        />
        <StartOne />
        <StandingNote />
      </section>
    </main>
  );
};
export default Rounds;
