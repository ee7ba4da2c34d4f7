import type { Round } from '@zymostat/contract';
import { cameOf, cames, skipReasons, type SkipReason } from '@zymostat/core';
import { clock } from '@zymostat/words';
import { Fragment } from 'react';
import { tell } from '../../offline/outbox.ts';
import { useMeQuery } from '../../api/me.ts';
import { useGoOn } from '../../ui/useGoOn.ts';
import { Window } from '../../ui/Window.tsx';
import { listOf } from '../../words/list.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { toSeeTo } from './arrive/asked.ts';
import { heldSoFar, isWet, type Stop } from './stop.ts';

interface EarlyProps {
  stop: Stop;
  now: number;
  open: boolean;
  onKeep: () => void;
  onWipe: () => void;
}

/** Asked once before something is wiped before its time. */
export const WipeEarly = ({ stop, now, open, onKeep, onWipe }: EarlyProps) => (
  <Window open={open} title={w.say('round.wipeNow2', { name: stop.surface.name })} onClose={onKeep}>
    <p className="mb-4 text-[1.125rem]">
      {rich('round.itHasBeenWetOf', {
        b: (text) => <b className="fig">{text}</b>,
        held: clock(heldSoFar(stop, now)),
        seconds: clock(stop.treatment.seconds),
      })}
    </p>
    <p className="grid gap-3">
      <button className="btn btn--main min-h-14 text-[1.0625rem]" onClick={onKeep}>
        {w.name('round', 'keepItWet')}
      </button>
      <button className="btn min-h-14 text-[1.0625rem]" onClick={onWipe}>
        {w.name('round', 'wipeItNotMet')}
      </button>
    </p>
  </Window>
);

interface SkipProps {
  stop: Stop;
  open: boolean;
  onClose: () => void;
  onSkip: (why: SkipReason) => void;
}

/** Something is left out: why is one tap, and goes on record with it. */
export const Skip = ({ stop, open, onClose, onSkip }: SkipProps) => (
  <Window
    open={open}
    title={w.say('round.leaveOut', { name: stop.surface.name })}
    onClose={onClose}
  >
    <p className="grid gap-2">
      {skipReasons.map((why) => (
        <button key={why} className="btn min-h-14 text-[1.0625rem]" onClick={() => onSkip(why)}>
          {w.name('skipReason', why)}
        </button>
      ))}
    </p>
  </Window>
);

/** What is left of a round, by name: not met and not shown first, since some of it may be mended. */
const WhatIsLeft = ({ stops }: { stops: Stop[] }) => {
  const told = cames.flatMap((came) => {
    const of = stops.filter(({ clock: state, treatment }) => cameOf(state, treatment) === came);
    return of.length === 0 ? [] : [{ came, of }];
  });
  if (told.length === 0)
    return <p className="mb-4 text-[1.125rem]">{w.name('round', 'everySurfaceIsDone')}</p>;
  return (
    <dl className="mb-4 text-[1.125rem]">
      {told.map(({ came, of }) => (
        <Fragment key={came}>
          <dt className="font-semibold">
            {w.name('came', came)} <span className="fig">{of.length}</span>
          </dt>
          <dd className="soft mb-2">{listOf(of.map(({ surface }) => surface.name))}</dd>
        </Fragment>
      ))}
    </dl>
  );
};

interface FinishProps {
  round: Round;
  stops: Stop[];
  open: boolean;
  onClose: () => void;
}

/** What was opened, put off and covered on arriving, to be put back. */
const PutBack = ({ round }: { round: Round }) => {
  const asked = toSeeTo(round.version.protocol).flatMap(({ step, rooms }) =>
    step === 'people-out' ? [] : [{ step, rooms }],
  );
  if (asked.length === 0) return null;
  return (
    <>
      <h3 className="font-semibold">{w.name('round', 'putBack')}</h3>
      <ul className="soft mb-4 text-[1.125rem]">
        {asked.map(({ step, rooms }) => (
          <li key={step}>
            {w.name('stepBack', step)} ({listOf(rooms)})
          </li>
        ))}
      </ul>
    </>
  );
};

/** Before a round is finished: what is open in it, what is still wet, and what is put back. */
export const Finish = ({ round, stops, open, onClose }: FinishProps) => {
  const { data: me } = useMeQuery();
  const goOn = useGoOn();
  const wet = stops.filter(isWet);
  const leave = async () => {
    const { id, homeName } = round;
    await tell(id, { does: 'finish', personId: me!.person.id, homeName });
    goOn('/rounds');
  };
  return (
    <Window
      open={open}
      title={w.say('round.finishSRound', { homeName: round.homeName })}
      onClose={onClose}
    >
      <WhatIsLeft stops={stops} />
      {wet.length > 0 && (
        <p className="notice mb-3">
          {w.say('round.stillWetFirst', {
            surfaces: listOf(wet.map(({ surface }) => surface.name)),
          })}
        </p>
      )}
      <PutBack round={round} />
      <p className="grid gap-3">
        <button className="btn btn--main min-h-14 text-[1.0625rem]" onClick={onClose}>
          {w.name('round', 'goOnWithIt')}
        </button>
        <button
          className="btn min-h-14 text-[1.0625rem]"
          disabled={wet.length > 0 || !me}
          onClick={() => void leave()}
        >
          {w.name('round', 'finishIt')}
        </button>
      </p>
    </Window>
  );
};
