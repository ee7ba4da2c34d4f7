import type { Answer, BathRow } from '@zymostat/contract';
import { activeFacts, secondsBetween } from '@zymostat/core';
import { clock } from '@zymostat/words';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useVesselsQuery } from '../features/jars/api.ts';
import { bathDue } from '../features/jars/bathDue.ts';
import { dueOf, lengthOf, spanOf } from '../features/rounds/alone.ts';
import { useWetNowQuery } from '../features/rounds/api.ts';
import { timeOf } from '../ui/times.ts';
import { useNow } from '../ui/useNow.ts';
import { WetBand } from '../ui/WetBand.tsx';
import { rich } from '../words/rich.tsx';
import { w } from '../words/words.ts';

const soft = (text: ReactNode) => <span className="fig">{text}</span>;

const Item = ({ of, now }: { of: Answer<'wetNow'>[number]; now: number }) => {
  const { what, at } = dueOf(of, now);
  const { family, least, most } = spanOf(of);
  const { gone } = lengthOf(of, now);
  return (
    <Link className="now-strip__item" to={`/rounds/${of.roundId}?surface=${of.surfaceId}`}>
      {of.homeName} · {of.surfaceName}{' '}
      <WetBand
        tiny
        family={family}
        required={least}
        wall={most ?? undefined}
        now={most === null ? Math.min(gone, least) : gone}
      />{' '}
      <b>
        {at > now
          ? rich(`shell.${what}In`, { soft, left: clock((at - now) / 1000) })
          : w.name('shell', `${what}Now`)}
      </b>
    </Link>
  );
};

const Bath = ({ of, now }: { of: BathRow; now: number }) => {
  const due = bathDue(of, now)!;
  const gone = secondsBetween(of.begunAt, now);
  return (
    <Link className="now-strip__item" to={`/bench/jars#${of.id}`}>
      {of.place} · {w.name('thing', of.thing)}{' '}
      <WetBand
        tiny
        family={activeFacts[of.active].family}
        required={of.least}
        wall={of.most ?? undefined}
        now={of.most === null ? Math.min(gone, of.least) : gone}
      />{' '}
      <b className={due.over ? 'never-ink' : ''}>
        {due.at > now
          ? rich('shell.outIn', { soft, left: clock((due.at - now) / 1000) })
          : w.name('shell', 'outNow')}
      </b>
    </Link>
  );
};

/** One line: what is wet right now across all rounds, soonest first. */
export const NowStrip = () => {
  const { data = [] } = useWetNowQuery(undefined, { pollingInterval: 60_000 });
  const { data: vessels } = useVesselsQuery(undefined, { pollingInterval: 60_000 });
  const now = useNow();
  const baths = (vessels?.baths ?? []).filter(({ ended }) => ended === null);
  return (
    <div
      className="now-strip"
      role="region"
      aria-label={w.name('shell', 'wetRightNowSoonestFirst')}
      tabIndex={0}
    >
      <span className="now-strip__lead">{rich('shell.wetNow', { soft, now: timeOf(now) })}</span>
      {data.length + baths.length === 0 && (
        <span className="now-strip__empty">{w.name('shell', 'nothingIsWet')}</span>
      )}
      {data.map((one) => (
        <Item key={one.roundId + one.surfaceId} of={one} now={now} />
      ))}
      {baths.map((one) => (
        <Bath key={one.id} of={one} now={now} />
      ))}
    </div>
  );
};
