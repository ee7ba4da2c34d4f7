import type { Round } from '@zymostat/contract';
import { cameOf, cames, skipReasons, type SkipReason } from '@zymostat/core';
import { clock } from '@zymostat/words';
import { Fragment } from 'react';
import { useAppSelector } from '../../store/store.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { useGoOn } from '../../ui/useGoOn.ts';
import { Window } from '../../ui/Window.tsx';
import { listOf } from '../../words/list.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useFinishRoundMutation } from './api.ts';
import { heldSoFar, type Stop } from './stop.ts';

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
    <p className="mb-4 text-[18px]">
      {rich('round.itHasBeenWetOf', {
        b: (text) => <b className="fig">{text}</b>,
        held: clock(heldSoFar(stop, now)),
        seconds: clock(stop.treatment.seconds),
      })}
    </p>
    <p className="grid gap-3">
      <button className="btn btn--main min-h-14 text-[17px]" onClick={onKeep}>
        {w.name('round', 'keepItWet')}
      </button>
      <button className="btn min-h-14 text-[17px]" onClick={onWipe}>
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
        <button key={why} className="btn min-h-14 text-[17px]" onClick={() => onSkip(why)}>
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
    return <p className="mb-4 text-[18px]">{w.name('round', 'everySurfaceIsDone')}</p>;
  return (
    <dl className="mb-4 text-[18px]">
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

/** Before a round is finished: what is open in it, and what is still to be sent. */
export const Finish = ({ round, stops, open, onClose }: FinishProps) => {
  const unsent = useAppSelector((state) => state.outbox.waiting.length);
  const [finish, finishing] = useFinishRoundMutation();
  const goOn = useGoOn();
  const leave = async () => {
    const result = await finish(round.id);
    if (!result.error) goOn('/rounds');
  };
  return (
    <Window
      open={open}
      title={w.say('round.finishSRound', { homeName: round.homeName })}
      onClose={onClose}
    >
      <WhatIsLeft stops={stops} />
      {unsent > 0 && <p className="notice mb-3">{w.say('round.stillToBeSentWait', { unsent })}</p>}
      <WentWrong error={finishing.error} />
      <p className="grid gap-3">
        <button className="btn btn--main min-h-14 text-[17px]" onClick={onClose}>
          {w.name('round', 'goOnWithIt')}
        </button>
        <button
          className="btn min-h-14 text-[17px]"
          disabled={unsent > 0}
          onClick={() => void leave()}
        >
          {w.name('round', 'finishIt')}
        </button>
      </p>
    </Window>
  );
};
