import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';

export const DRAWS = 10_000;

export type Drawn<T> =
  | { state: 'idle' | 'cancelled' }
  | { state: 'drawing'; done: number }
  | { state: 'drawn'; result: T };

/**
 * Draws in a worker of its own, so that the page stays free; tells how far it is, and can be
 * cancelled.
 */
export const useWorkerDraws = <W, T>(makeWorker: () => Worker) => {
  const [drawn, setDrawn] = useState<Drawn<T>>({ state: 'idle' });
  const running = useRef<Worker | null>(null);
  const stop = () => {
    running.current?.terminate();
    running.current = null;
  };
  useEffect(() => stop, []);
  const ask = async (
    draw: (worker: Remote<W>, tell: (done: number) => void) => Promise<T | null>,
  ) => {
    stop();
    const own = makeWorker();
    running.current = own;
    setDrawn({ state: 'drawing', done: 0 });
    const result = await draw(
      wrap<W>(own),
      proxy((done: number) => {
        if (running.current === own) setDrawn({ state: 'drawing', done });
      }),
    );
    if (running.current !== own) return;
    if (result !== null) setDrawn({ state: 'drawn', result });
    stop();
  };
  const cancel = () => {
    stop();
    setDrawn({ state: 'cancelled' });
  };
  return { drawn, ask, cancel };
};
