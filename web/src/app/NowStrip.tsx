import { clock } from '@zymostat/contract';
import { activeFacts, secondsBetween } from '@zymostat/core';
import { Link } from 'react-router';
import { timeOf } from '../ui/times.ts';
import { useNow } from '../ui/useNow.ts';
import { WetBand } from '../ui/WetBand.tsx';
import { api } from './api.ts';

/** One line: what is wet right now across all rounds, soonest first. */
export const NowStrip = () => {
  const { data = [] } = api.useWetNowQuery(undefined, { pollingInterval: 60_000 });
  const now = useNow();
  return (
    <section className="now-strip" aria-label="Wet right now, soonest first" tabIndex={0}>
      <span className="now-strip__lead">
        Wet now <span className="fig">{timeOf(now)}</span>
      </span>
      {data.length === 0 && <span className="now-strip__empty">Nothing is wet.</span>}
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
                  wipe in <span className="fig">{clock(left)}</span>
                </>
              ) : (
                <>
                  met <span className="fig">{clock(-left)}</span> ago, wipe
                </>
              )}
            </b>
          </Link>
        );
      })}
    </section>
  );
};
