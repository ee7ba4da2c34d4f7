import './today.css';
import type { Board, WetNow } from '@zymostat/contract';
import { about, clock } from '@zymostat/words';
import { addDays, startOfDay } from 'date-fns';
import { BoardTabs } from '../../ui/BoardTabs.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { dueOf } from '../rounds/alone.ts';
import { useWetNowQuery } from '../rounds/api.ts';
import { Afloat } from './Afloat.tsx';
import { useBoardQuery } from './api.ts';
import { HeldUp } from './HeldUp.tsx';
import { RoundLine } from './RoundLine.tsx';
import { RunsOut } from './RunsOut.tsx';
import { silentIn } from './standing.ts';

/** The one thing that most asks for a word, in a sentence, and why. */
const worstOf = ({ rounds }: Board, wet: WetNow, now: number): { say: string; why: string } => {
  const [late] = wet
    .map((one) => ({ one, due: dueOf(one, now) }))
    .filter(({ due }) => due.at < now)
    .sort((a, b) => a.due.at - b.due.at);
  if (late) {
    const { surfaceName, homeName, by } = late.one;
    const what = w.name('shell', `${late.due.what}Now`);
    const since = clock((now - late.due.at) / 1000);
    return {
      say: w.say('today.isLate', { surfaceName, homeName, what, since }),
      why: w.say('today.callThem', { by }),
    };
  }
  const [silent] = rounds
    .flatMap((round) => silentIn(round, now).map((one) => ({ ...one, homeName: round.homeName })))
    .sort((a, b) => b.seconds - a.seconds);
  if (silent)
    return {
      say: w.say('today.silent', { name: silent.name, since: about(w, silent.seconds) }),
      why: w.say('today.silentAt', { homeName: silent.homeName }),
    };
  const inHand = rounds.filter(({ finishedAt }) => finishedAt === null).length;
  return {
    say: w.say('today.inHand', { inHand }),
    why: w.name('today', inHand > 0 ? 'nothingLate' : 'noneInHand'),
  };
};

const key = ['done', 'begun', 'wet', 'todo', 'not-met', 'not-shown', 'skipped'] as const;

const Key = () => (
  <p className="mini-key small soft">
    {key.map((stop) => (
      <span key={stop}>
        <i className={`mini__${stop}`} />
        {w.name('boardStop', stop)}
      </span>
    ))}
  </p>
);

/** The supervisor's live view: what is wet, where every round stands, and what was held up. */
const Today = () => {
  const now = useNow();
  const from = startOfDay(now).getTime();
  const { data, error } = useBoardQuery(from, { pollingInterval: 60_000 });
  const { data: wet = [] } = useWetNowQuery();
  const board = data ?? { rounds: [], heldUp: [] };
  const worst = worstOf(board, wet, now);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('today', 'today')}>
        <p className="crumb">
          <b>{dateOf(now)}</b>
        </p>
        <div className="headline">
          <h1>{w.name('today', 'board')}</h1>
          <BoardTabs />
        </div>
        <WentWrong error={error} />
        {data?.rounds.length === 0 && <p className="soft">{w.name('today', 'noRoundYet')}</p>}
        <ol className="day">
          {board.rounds.map((round) => (
            <RoundLine
              key={round.id}
              round={round}
              wet={wet.filter(({ roundId }) => roundId === round.id)}
              now={now}
            />
          ))}
        </ol>
        {board.rounds.length > 0 && <Key />}
        <RunsOut from={from} to={addDays(from, 1).getTime()} />
      </section>
      <section className="sheet" aria-label={w.name('today', 'now')}>
        <Verdict say={worst.say} why={worst.why} />
        <Afloat wet={wet} now={now} />
        <HeldUp rows={board.heldUp} />
        <StandingNote />
      </section>
    </main>
  );
};
export default Today;
