import type { ReactNode } from 'react';
import { rich } from '../words/rich.tsx';
import { w } from '../words/words.ts';
import { clock } from '@zymostat/words';
import { activeFacts, secondsBetween } from '@zymostat/core';
import { Link } from 'react-router';
import { timeOf } from '../ui/times.ts';
import { useNow } from '../ui/useNow.ts';
import { WetBand } from '../ui/WetBand.tsx';
import { useWetNowQuery } from '../features/rounds/api.ts';

/** One line: what is wet right now across all rounds, soonest first. */
export const NowStrip = () => {
  const { data = [] } = useWetNowQuery(undefined, { pollingInterval: 60_000 });
  const now = useNow();
  return (
    <section
      className="now-strip"
      aria-label={w.name('shell', 'wetRightNowSoonestFirst')}
      tabIndex={0}
    >
      <span className="now-strip__lead">
        {rich('shell.wetNow', {
          soft: (text: ReactNode) => <span className="fig">{text}</span>,
          now: timeOf(now),
        })}
      </span>
      {data.length === 0 && (
        <span className="now-strip__empty">{w.name('shell', 'nothingIsWet')}</span>
      )}
      {data.map(({ roundId, surfaceId, homeName, surfaceName, active, seconds, wetSince }) => {
        const wet = secondsBetween(wetSince, now);
        const left = seconds - wet;
        return (
          <Link
            key={roundId + surfaceId}
            className="now-strip__item"
            to={`/rounds/${roundId}?surface=${surfaceId}`}
          >
            {homeName} · {surfaceName}{' '}
            <WetBand tiny family={activeFacts[active].family} required={seconds} now={wet} />{' '}
            <b>
              {left > 0 ? (
                <>
                  {rich('shell.wipeIn', {
                    soft: (text: ReactNode) => <span className="fig">{text}</span>,
                    left: clock(left),
                  })}
                </>
              ) : (
                <>
                  {rich('shell.metAgoWipe', {
                    soft: (text: ReactNode) => <span className="fig">{text}</span>,
                    left: clock(-left),
                  })}
                </>
              )}
            </b>
          </Link>
        );
      })}
    </section>
  );
};
