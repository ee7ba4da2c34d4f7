import { w } from '../../words/words.ts';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { useRoundHomesQuery, useRoundsQuery, useStartRoundMutation } from './api.ts';
import { KeptHere } from './KeptHere.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';

/** Which round to work: one in hand, or a new one by a home's approved protocol. */
const Rounds = () => {
  const { data: rounds, error } = useRoundsQuery();
  const { data: homes } = useRoundHomesQuery();
  const [startRound, starting] = useStartRoundMutation();
  const [ids] = useState(() => new Map<string, string>());
  const navigate = useNavigate();
  const start = async (homeId: string) => {
    // Pressed twice, or sent twice, it is the same round.
    if (!ids.has(homeId)) ids.set(homeId, newId());
    const result = await startRound({ id: ids.get(homeId)!, homeId });
    if (result.data) void navigate(`/rounds/${result.data.id}`);
  };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('round', 'roundsInHand')}>
        <div className="headline">
          <h1>{w.name('round', 'rounds2')}</h1>
        </div>
        <WentWrong error={error} />
        <KeptHere nameOf={() => w.name('round', 'atOneSurface')} />
        <h2 className="mb-1">{w.name('round', 'inHand')}</h2>
        {rounds?.length === 0 && <p className="soft">{w.name('round', 'noneStartOneFromIts')}</p>}
        <ul className="list">
          {rounds?.map((round) => (
            <li key={round.id}>
              <Link className="list__row" to={`/rounds/${round.id}`}>
                <b className="font-semibold">
                  {round.homeName}, {round.place}
                </b>
                <span className="small soft block">
                  {w.say('round.begun', { by: round.by, startedAt: momentOf(round.startedAt) })}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label={w.name('round', 'startARound')}>
        <Verdict
          say={w.name('round', 'startARound')}
          why={w.name('round', 'eachFollowsTheNewestApproved')}
        />
        <WentWrong error={starting.error} />
        {homes?.length === 0 && <p className="soft">{w.name('round', 'noHomeHasAnApproved')}</p>}
        <ul className="list mb-6">
          {homes?.map((home) => (
            <li key={home.id} className="flex items-center justify-between gap-3 py-2">
              <span>
                <b className="font-semibold">{home.name}</b>, {home.place}
              </span>
              <button
                className="btn"
                disabled={starting.isLoading}
                onClick={() => void start(home.id)}
              >
                {w.say('round.startSRound', { home: home.name })}
              </button>
            </li>
          ))}
        </ul>
        <StandingNote />
      </section>
    </main>
  );
};
export default Rounds;
