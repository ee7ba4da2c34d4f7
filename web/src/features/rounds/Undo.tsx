import { Undo2 } from 'lucide-react';
import { clock } from '@zymostat/words';
import type { CSSProperties } from 'react';
import { w } from '../../words/words.ts';
import type { JustDone } from './useUndo.ts';

interface Props {
  of: JustDone & { left: number };
  onUndo: () => void;
}

/** Takes back what was done last, while that can be a slip of the thumb; its foot is the time left. */
export const Undo = ({ of: { stop, done, left }, onUndo }: Props) => (
  <button
    className="btn btn--two btn--undo"
    style={{ '--left': left } as CSSProperties}
    onClick={onUndo}
  >
    <span>
      <Undo2 aria-hidden className="icon" />
      {w.name('round', 'undo')} <b className="fig">{clock(Math.ceil(left))}</b>
    </span>
    <small>
      {stop.surface.name}: {w.name('event', done.at(-1)!.kind)}
    </small>
  </button>
);
