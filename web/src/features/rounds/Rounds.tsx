import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { api } from '../../app/api.ts';
import { KeptHere } from './KeptHere.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';

/** Which round to work: one in hand, or a new one by a home's approved protocol. */
const Rounds = () => {
  const { data: rounds, error } = api.useRoundsQuery();
  const { data: homes } = api.useRoundHomesQuery();
  const [startRound, starting] = api.useStartRoundMutation();
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
      <section className="leaf" aria-label="Rounds in hand">
        <div className="headline">
          <h1>Rounds</h1>
        </div>
        <WentWrong error={error} />
        <KeptHere nameOf={() => 'at one surface'} />
        <h2 className="mb-1">In hand</h2>
        {rounds?.length === 0 && <p className="soft">None. Start one from its home.</p>}
        <ul className="list">
          {rounds?.map((round) => (
            <li key={round.id}>
              <Link className="list__row" to={`/rounds/${round.id}`}>
                <b className="font-semibold">
                  {round.homeName}, {round.place}
                </b>
                <span className="small soft block">
                  {round.by}, begun {momentOf(round.startedAt)}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label="Start a round">
        <Verdict say="Start a round" why="Each follows the newest approved protocol of its home." />
        <WentWrong error={starting.error} />
        {homes?.length === 0 && <p className="soft">No home has an approved protocol yet.</p>}
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
                Start {home.name}’s round
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
