import type { Round } from '@zymostat/contract';
import { clock } from '@zymostat/words';
import { useAppSelector } from '../../store/store.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { useGoOn } from '../../ui/useGoOn.ts';
import { Window } from '../../ui/Window.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useFinishRoundMutation } from './api.ts';
import { heldSoFar, isDone, type Stop } from './stop.ts';

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
      <button className="btn btn--main min-h-14" onClick={onKeep}>
        {w.name('round', 'keepItWet')}
      </button>
      <button className="btn min-h-14" onClick={onWipe}>
        {w.name('round', 'wipeItNotMet')}
      </button>
    </p>
  </Window>
);

/** So many of what is open are named. */
const NAMED = 4;

const whatIsOpen = (stops: Stop[]): string => {
  const open = stops.filter((stop) => !isDone(stop)).map(({ surface }) => surface.name);
  if (open.length === 0) return w.name('round', 'everySurfaceIsDone');
  return w.say('round.ofSurfacesAreNotDone', {
    openCount: open.length,
    stopsCount: stops.length,
    open: open.slice(0, NAMED).join(', '),
    more: open.length > NAMED ? 'yes' : 'no',
  });
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
      <p className="mb-4 text-[18px]">{whatIsOpen(stops)}</p>
      {unsent > 0 && <p className="notice mb-3">{w.say('round.stillToBeSentWait', { unsent })}</p>}
      <WentWrong error={finishing.error} />
      <p className="grid gap-3">
        <button className="btn btn--main min-h-14" onClick={onClose}>
          {w.name('round', 'goOnWithIt')}
        </button>
        <button className="btn min-h-14" disabled={unsent > 0} onClick={() => void leave()}>
          {w.name('round', 'finishIt')}
        </button>
      </p>
    </Window>
  );
};
