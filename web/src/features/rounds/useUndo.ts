import { UNDO_SECONDS } from '@zymostat/core';
import { useEffect, useState } from 'react';
import type { Stop } from './stop.ts';
import type { Done } from './useRound.ts';

/** A new step in the place of the last tap is not taken within this, ms: a glove taps twice. */
const AGAIN_MS = 1000;

export interface JustDone {
  stop: Stop;
  done: readonly Done[];
  at: number;
}

/** What was done last on this phone, for as long as it can be taken back at once. */
export const useUndo = (now: number) => {
  const [last, setLast] = useState<JustDone | null>(null);
  const [settling, settle] = useState(false);
  const age = last === null ? Infinity : now - last.at;
  useEffect(() => {
    if (!settling) return undefined;
    const over = setTimeout(() => settle(false), AGAIN_MS);
    return () => clearTimeout(over);
  }, [settling]);
  return {
    /** What may be taken back, and for how many more seconds. */
    undo:
      last !== null && age < UNDO_SECONDS * 1000
        ? { ...last, left: UNDO_SECONDS - Math.max(0, age) / 1000 }
        : null,
    /** Whether the next tap would be taken for a second one of the last. */
    settling,
    note: (done: JustDone | null) => {
      setLast(done);
      settle(done !== null);
    },
  };
};
