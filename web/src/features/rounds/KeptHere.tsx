import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useAppSelector } from '../../store/store.ts';
import { momentOf } from '../../ui/times.ts';
import { markRead } from '../../offline/outbox.ts';

/**
 * What lies on this phone and is not on record: what was not taken and why, and what others have
 * still to send.
 */
export const KeptHere = ({ nameOf }: { nameOf: (surfaceId: string) => string }) => {
  const { notTaken, ofOthers } = useAppSelector((state) => state.outbox);
  const unread = notTaken.filter(({ read }) => !read);
  return (
    <>
      {unread.length > 0 && (
        <div role="alert" className="notice mx-5 mt-3 text-[16px]">
          {unread.map(({ event, problem }) => (
            <p key={event.id}>
              <b>{w.say('round.notTaken', { surfaceId: nameOf(event.surfaceId) })}</b>{' '}
              {problem.detail}
            </p>
          ))}
          <button className="btn btn--quiet" onClick={() => void markRead()}>
            {w.name('round', 'iHaveReadIt')}
          </button>
        </div>
      )}
      {ofOthers.map(({ by, count, since }) => (
        <p key={`${by} ${since}`} className="notice mx-5 mt-3 text-[16px]">
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
export const NotTaken = ({ nameOf }: { nameOf: (surfaceId: string) => string }) => {
  const { notTaken } = useAppSelector((state) => state.outbox);
  if (notTaken.length === 0) return null;
  return (
    <details className="mb-4 text-[16px]">
      <summary className="soft min-h-11 cursor-pointer">
        {w.say('round.notTakenKeptOnThis', { notTakenCount: notTaken.length })}
      </summary>
      <ul className="grid gap-2">
        {notTaken.map(({ event, problem }) => (
          <li key={event.id}>
            <b>{nameOf(event.surfaceId)}</b>, {momentOf(event.at)}: {problem.detail}
          </li>
        ))}
      </ul>
    </details>
  );
};
