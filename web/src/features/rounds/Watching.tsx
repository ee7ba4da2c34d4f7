import type { Round } from '@zymostat/contract';
import { useNow } from '../../ui/useNow.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useStartRoundMutation } from '../../offline/api.ts';
import { nextWord } from './nextWord.tsx';
import { countDone, isWet, wetByDue, type Stop } from './stop.ts';
import { useStops } from './useRound.ts';

const Lines = ({ stops, now }: { stops: readonly Stop[]; now: number }) => (
  <ol>
    {stops.map((stop) => (
      <li key={stop.surface.id}>
        <span>
          {stop.roomName}: {stop.surface.name}
        </span>
        <span>{nextWord(stop, now)}</span>
      </li>
    ))}
  </ol>
);

/** A round of others: whoever looks on does nothing in it, until they join. */
export const Watching = ({ round }: { round: Round }) => {
  const stops = useStops(round);
  const now = useNow();
  const [join, joining] = useStartRoundMutation();
  const rest = stops.filter((stop) => !isWet(stop));
  return (
    <>
      <section className="phone__surface">
        <h1>{round.homeName}</h1>
        <p className="soft">{w.say('round.atWorkHere', { by: round.by })}</p>
      </section>
      <div className="phone__acts">
        <button
          className="btn btn--main"
          disabled={joining.isLoading}
          onClick={() => void join({ id: round.id, homeId: round.homeId })}
        >
          {w.name('round', 'joinIt')}
          <small>{w.name('round', 'whatYouDoIsYours')}</small>
        </button>
      </div>
      <WentWrong error={joining.error} />
      <section className="phone__next">
        {stops.some(isWet) && (
          <>
            <h2>{w.name('round', 'alsoWet')}</h2>
            <Lines stops={wetByDue(stops, now)} now={now} />
          </>
        )}
        <h2 className="mt-4">
          {w.say('round.allSurfacesDone', {
            stopsCount: stops.length,
            stopsCount2: countDone(stops),
          })}
        </h2>
        <Lines stops={rest} now={now} />
        <StandingNote />
      </section>
    </>
  );
};
