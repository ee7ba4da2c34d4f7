import { wayInLines, type Round } from '@zymostat/contract';
import { skipToken } from '@reduxjs/toolkit/query';
import { useState } from 'react';
import { StandingNote } from '../../../ui/parts.tsx';
import { timeOf } from '../../../ui/times.ts';
import { serverNow } from '../../../api/serverTime.ts';
import { listOf } from '../../../words/list.ts';
import { w } from '../../../words/words.ts';
import { usePhotosQuery } from '../../photos/api.ts';
import { PhotoRow } from '../../photos/PhotoRow.tsx';
import { stepIcons } from '../stepIcons.ts';
import { soundWanted, wantSound } from '../../../store/sound.ts';
import { ScreenTitle } from '../ScreenTitle.tsx';
import { Top } from '../Top.tsx';
import { Carry } from './Carry.tsx';
import { toSeeTo, type ToSeeTo } from './asked.ts';

interface TickProps {
  of: ToSeeTo;
  at: number | undefined;
  onTick: () => void;
}

/** One thing to see to: the whole row is the target, and says when it was done. */
const Tick = ({ of: { step, rooms }, at, onTick }: TickProps) => {
  const Icon = stepIcons[step];
  return (
    <li>
      <button
        className="lines__row"
        role="checkbox"
        aria-checked={at !== undefined}
        onClick={onTick}
      >
        <i className="seen-to" />
        <Icon aria-hidden className="icon" />
        <span>
          {w.name('order', step)}
          <small>{listOf(rooms)}</small>
        </span>
        {at !== undefined && <b className="fig">{timeOf(at)}</b>}
      </button>
    </li>
  );
};

/** Asked once: whether what is due may be heard. */
const Sound = () => {
  const [wanted, setWanted] = useState(soundWanted);
  if (wanted !== null) return null;
  const say = (yes: boolean) => {
    wantSound(yes);
    setWanted(yes);
  };
  return (
    <section className="px-5 pt-4" aria-label={w.name('round', 'soundWhenDue')}>
      <p>{w.name('round', 'soundWhenDue')}</p>
      <p className="mt-2 grid grid-cols-2 gap-3">
        <button className="btn" onClick={() => say(true)}>
          {w.name('round', 'yesSound')}
        </button>
        <button className="btn" onClick={() => say(false)}>
          {w.name('round', 'noSound')}
        </button>
      </p>
    </section>
  );
};

const Lives = ({ round }: { round: Round }) => {
  const { situations } = round.version.protocol;
  if (situations.length === 0)
    return <p className="phone__words">{w.name('round', 'nobodyToMind')}</p>;
  return (
    <ul className="lines">
      {situations.map((one) => (
        <li key={one} className="lines__row">
          <span>
            <b>{w.name('situation', one)}</b>
            <small>{w.name('situationAsks', one)}</small>
          </span>
        </li>
      ))}
    </ul>
  );
};

/** How one gets in, and whom one finds: for who is on the round. */
const WayIn = ({ of }: { of: Round['wayIn'] }) => {
  const said = of ? wayInLines.filter((line) => Boolean(of[line])) : [];
  if (!of || said.length === 0) return null;
  return (
    <ul className="lines" aria-label={w.name('wayIn', 'wayIn')}>
      {said.map((line) => (
        <li key={line} className="lines__row">
          <span>
            <small>{w.name('wayIn', line)}</small>
            <b>{of[line]}</b>
          </span>
        </li>
      ))}
    </ul>
  );
};

/** What the home’s photos show: where the key is, what is not to be moved. */
const Seen = ({ round: { homeId, joined } }: { round: Round }) => {
  const of = joined ? { what: 'home' as const, id: homeId } : skipToken;
  const { currentData: photos = [] } = usePhotosQuery(of);
  if (photos.length === 0) return null;
  return (
    <section className="px-5 pt-3">
      <PhotoRow photos={photos} />
    </section>
  );
};

/**
 * Before the first step: who lives here and what that asks, what to open, put off and cover. What is
 * asked is ticked by whoever does it; begun is only once all is seen to.
 */
export const Arrive = ({ round, onBegin }: { round: Round; onBegin: () => void }) => {
  const [ticked, tick] = useState<Partial<Record<ToSeeTo['step'], number>>>({});
  const asked = toSeeTo(round.version.protocol);
  const left = asked.filter(({ step }) => ticked[step] === undefined).length;
  return (
    <main className="phone">
      <Top room={round.homeName} home={round.place} />
      <section className="phone__surface">
        <ScreenTitle>{w.name('round', 'beforeYouBegin')}</ScreenTitle>
      </section>
      <WayIn of={round.wayIn} />
      <Seen round={round} />
      <Lives round={round} />
      {asked.length > 0 && (
        <>
          <h2 className="lines__head">{w.name('round', 'beforeAnythingIsBegun')}</h2>
          <ul className="lines">
            {asked.map((one) => (
              <Tick
                key={one.step}
                of={one}
                at={ticked[one.step]}
                onTick={() => {
                  const { [one.step]: before, ...rest } = ticked;
                  tick(before === undefined ? { ...rest, [one.step]: serverNow() } : rest);
                }}
              />
            ))}
          </ul>
        </>
      )}
      <Carry round={round} />
      <Sound />
      <div className="phone__acts">
        <button className="btn btn--main" disabled={left > 0} onClick={onBegin}>
          {w.name('round', 'begin')}
          {left > 0 && <small>{w.say('round.stillToSeeTo', { left })}</small>}
        </button>
      </div>
      <StandingNote />
    </main>
  );
};
