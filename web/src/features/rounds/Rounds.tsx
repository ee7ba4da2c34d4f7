import '../../ui/phone.css';
import type { RoundRow } from '@zymostat/contract';
import { Link } from 'react-router';
import { isByItself } from '../../store/outbox.ts';
import { useAppSelector } from '../../store/store.ts';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { useRoundHomesQuery, useRoundsQuery } from './api.ts';
import { KeptHere } from './KeptHere.tsx';
import { OwnVisits } from './OwnVisits.tsx';
import { Sent } from './Top.tsx';
import { useBegin } from './useBegin.ts';
import { begunOf } from './useRoundHere.ts';

/** Rounds in hand as far as this phone knows: begun here too, and without what was finished here. */
const useInHand = (rounds: RoundRow[] = []): RoundRow[] => {
  const { waiting } = useAppSelector((state) => state.outbox);
  const begun = waiting.flatMap(begunOf).map(({ roundId: id, begin: { at, ahead } }): RoundRow => {
    const { homeId, homeName, place } = ahead;
    const own = { by: w.name('round', 'onThisPhone'), joined: true };
    return { id, homeId, homeName, place, ...own, startedAt: at, finishedAt: null };
  });
  const over = new Set(
    waiting.flatMap(({ roundId, event }) =>
      isByItself(event) && event.does === 'finish' ? [roundId] : [],
    ),
  );
  const known = new Set(rounds.map(({ id }) => id));
  return [...rounds, ...begun.filter(({ id }) => !known.has(id))].filter(({ id }) => !over.has(id));
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

const List = ({ rounds }: { rounds: RoundRow[] }) => (
  <ul className="list">
    {rounds.map((round) => (
      <li key={round.id}>
        <Row round={round} />
      </li>
    ))}
  </ul>
);

/** Rounds of one's own, to go on with. */
const Own = ({ rounds }: { rounds: RoundRow[] }) => (
  <>
    <h2 className="mb-1">{w.name('round', 'inHand')}</h2>
    {rounds.length > 0 ? (
      <List rounds={rounds} />
    ) : (
      <p className="soft">{w.name('round', 'noneStartOneFromIts')}</p>
    )}
  </>
);

/**
 * Rounds of others, to join. They come and go by what others do, and stand last, so that nothing
 * that is about to be pressed moves by it.
 */
const Others = ({ rounds }: { rounds: RoundRow[] }) =>
  rounds.length > 0 && (
    <>
      <h2 className="mb-1">{w.name('round', 'othersAtWork')}</h2>
      <div className="mb-6">
        <List rounds={rounds} />
      </div>
    </>
  );

const StartOne = () => {
  const { data: homes } = useRoundHomesQuery();
  const { begin, busy, error } = useBegin();
  return (
    <>
      <WentWrong error={error} />
      {homes?.length === 0 && <p className="soft">{w.name('round', 'noHomeHasAnApproved')}</p>}
      <ul className="list mb-6">
        {homes?.map(({ id, name, place }) => (
          <li key={id} className="flex items-center justify-between gap-3 py-2">
            <span>
              <b className="font-semibold">{name}</b>, {place}
            </span>
            <button className="btn" disabled={busy} onClick={() => begin(id)}>
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
  const now = useNow(60_000);
  const inHand = useInHand(rounds);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('round', 'roundsInHand')}>
        <div className="headline">
          <h1>{w.name('round', 'rounds2')}</h1>
          <Sent />
        </div>
        <WentWrong error={error} />
        <KeptHere />
        <Own rounds={inHand.filter(({ joined }) => joined)} />
        <OwnVisits now={now} />
      </section>
      <section className="sheet" aria-label={w.name('round', 'startARound')}>
        <Verdict
          say={w.name('round', 'startARound')}
          why={w.name('round', 'eachFollowsTheNewestApproved')}
        />
        <StartOne />
        <Others rounds={inHand.filter(({ joined }) => !joined)} />
        <StandingNote />
      </section>
    </main>
  );
};
export default Rounds;
