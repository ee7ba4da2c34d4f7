import type { BoardRound, WetNow } from '@zymostat/contract';
import { about } from '@zymostat/words';
import { Link } from 'react-router';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { dueOf } from '../rounds/alone.ts';
import { doneOf, paceIn, silentIn, stopsOf } from './standing.ts';

interface Props {
  round: BoardRound;
  wet: readonly WetNow[number][];
  now: number;
}

/** Rooms as columns from high to low: where a round is, at a glance. */
const Mini = ({ round }: Pick<Props, 'round'>) => (
  <span className="mini" aria-hidden="true">
    {round.rooms.map(({ name, stops }) => (
      <span key={name}>
        {stops.map((stop, i) => (
          <i key={i} className={`mini__${stop}`} />
        ))}
      </span>
    ))}
  </span>
);

/** What of it asks for a word: late, behind, silent. */
const asksOf = ({ round, wet, now }: Props): string[] => {
  const late = wet.filter((one) => dueOf(one, now).at < now).length;
  const pace = paceIn(round, now);
  return [
    ...(late > 0 ? [w.say('today.late', { late })] : []),
    ...(pace !== null
      ? [w.say(pace < 0 ? 'today.behind' : 'today.ahead', { by: about(w, Math.abs(pace)) })]
      : []),
    ...silentIn(round, now).map(({ name, seconds }) =>
      w.say('today.silent', { name, since: about(w, seconds) }),
    ),
  ];
};

/** One round of today: whose, how far, and what of it asks for a word. */
export const RoundLine = (props: Props) => {
  const { round } = props;
  const { finishedAt } = round;
  return (
    <li>
      <Link className="day__visit" to={`/rounds/${round.id}`}>
        <span className="fig day__time">{timeOf(round.startedAt)}</span>
        <span>
          <b className="day__home">
            {round.homeName}, {round.place}
          </b>
          <span className="small soft block">{round.by}</span>
        </span>
        <Mini round={round} />
        <span className="day__note small">
          {finishedAt
            ? w.say('today.finished', { at: timeOf(finishedAt) })
            : w.say('today.doneOf', { done: doneOf(round), all: stopsOf(round).length })}
          {asksOf(props).map((ask) => (
            <b key={ask} className="block">
              {ask}
            </b>
          ))}
        </span>
      </Link>
    </li>
  );
};
