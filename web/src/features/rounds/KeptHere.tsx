import type { Round } from '@zymostat/contract';
import type { ReactNode } from 'react';
import { markRead } from '../../offline/outbox.ts';
import { isByItself, type NotTaken as NotTakenOne } from '../../store/outbox.ts';
import { useAppSelector } from '../../store/store.ts';
import { momentOf, timeOf } from '../../ui/times.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import type { Stop } from './stop.ts';

interface Around {
  stops?: readonly Stop[];
  round?: Round;
}

/** What it was that was not taken, by the name of its surface where this is its round. */
const nameOf = ({ event }: NotTakenOne, { stops }: Around): string => {
  if (isByItself(event)) return w.name('kept', event.does);
  const found = stops?.find(({ surface }) => surface.id === event.surfaceId)?.surface.name;
  return found ?? w.name('round', stops ? 'inAnotherRound' : 'atOneSurface');
};

/** Where two did the same: who came first, and counts. */
const whoElse = ({ event }: NotTakenOne, { round }: Around): string | undefined => {
  if (isByItself(event)) return undefined;
  const theirs = round?.events.find(
    ({ surfaceId, kind, personId }) =>
      surfaceId === event.surfaceId && kind === event.kind && personId !== event.personId,
  );
  if (!theirs) return undefined;
  const { by, at } = theirs;
  return w.say('round.bothDidIt', { by, at: timeOf(at), did: w.name('event', event.kind) });
};

/**
 * What lies on this phone and is not on record: what was not taken and why, and what others have
 * still to send.
 */
export const KeptHere = (around: Around) => {
  const { notTaken, ofOthers } = useAppSelector((state) => state.outbox);
  const unread = notTaken.filter(({ read }) => !read);
  return (
    <>
      {unread.length > 0 && (
        <div role="alert" className="notice mx-5 mt-3">
          {unread.map((one) => (
            <p key={one.event.id}>
              <b>{w.say('round.notTaken', { surfaceId: nameOf(one, around) })}</b>{' '}
              {whoElse(one, around)} {one.problem.detail}
            </p>
          ))}
          <button className="btn btn--quiet" onClick={() => void markRead()}>
            {w.name('round', 'iHaveReadIt')}
          </button>
        </div>
      )}
      {ofOthers.map(({ by, count, since }) => (
        <p key={`${by} ${since}`} className="notice mx-5 mt-3">
          {rich('round.ofSinceStillToBe', {
            b: (text: ReactNode) => <b>{text}</b>,
            count,
            by,
            since: momentOf(since),
          })}
        </p>
      ))}
    </>
  );
};

/** All that was not taken, for whoever has to write it down again. */
export const NotTaken = (around: Around) => {
  const { notTaken } = useAppSelector((state) => state.outbox);
  if (notTaken.length === 0) return null;
  return (
    <details className="mb-4">
      <summary className="soft min-h-11 cursor-pointer">
        {w.say('round.notTakenKeptOnThis', { notTakenCount: notTaken.length })}
      </summary>
      <ul className="grid gap-2">
        {notTaken.map((one) => (
          <li key={one.event.id}>
            <b>{nameOf(one, around)}</b>, {momentOf(one.event.at)}: {one.problem.detail}
          </li>
        ))}
      </ul>
    </details>
  );
};
