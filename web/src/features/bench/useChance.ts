import type { Chance, Portion, Span, Strong } from '@zymostat/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ChanceWorker } from './chance.worker.ts';

export const DRAWS = 10_000;

export interface Asked { portions: readonly Portion[]; strong: Strong; span: Span }
type Answer = { state: 'idle' | 'cancelled' } | { state: 'drawing'; done: number } | { state: 'drawn'; chance: Chance };

/** Asks a worker how sure a recipe is; the page stays free meanwhile. A changed recipe is asked anew with `ask`. */
export const useChance = () => {
  const [answer, setAnswer] = useState<Answer>({ state: 'idle' });
  const running = useRef<{ go: boolean; worker: Worker } | null>(null);
  const stop = () => {
    if (!running.current) return;
    running.current.go = false;
    running.current.worker.terminate();
    running.current = null;
  };
  useEffect(() => stop, []);
  const ask = async ({ portions, strong, span }: Asked) => {
    stop();
    const own = { go: true, worker: new Worker(new URL('./chance.worker.ts', import.meta.url), { type: 'module' }) };
    running.current = own;
    setAnswer({ state: 'drawing', done: 0 });
    const chance = await wrap<ChanceWorker>(own.worker).draw([...portions], strong, span, DRAWS, proxy((done: number) => {
      if (own.go) setAnswer({ state: 'drawing', done });
    }));
    if (own.go && chance) setAnswer({ state: 'drawn', chance });
    if (own.go) stop();
  };
  const cancel = () => {
    stop();
    setAnswer({ state: 'cancelled' });
  };
  return { answer, ask, cancel };
};
