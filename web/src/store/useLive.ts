import type { Thing } from '@zymostat/contract';
import { useEffect } from 'react';
import { api } from '../api/api.ts';
import { isHeard } from '../api/serverTime.ts';
import { useAppDispatch } from './store.ts';

const GATHER_MS = 150;

/** Hears from the server which things each new fact touches, and fetches those anew. */
export const useLive = (): void => {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const touched = new Set<Thing>();
    let gathering: ReturnType<typeof setTimeout> | undefined;
    const source = new EventSource('/api/live');
    source.onmessage = ({ data }: MessageEvent<string>) => {
      for (const thing of data.split(' ')) touched.add(thing as Thing);
      gathering ??= setTimeout(() => {
        dispatch(api.util.invalidateTags([...touched]));
        touched.clear();
        gathering = undefined;
      }, GATHER_MS);
    };
    // A phone that slept does not know for how long: it asks what time it is.
    const awake = () => {
      if (!isHeard()) dispatch(api.util.invalidateTags(['Me']));
    };
    document.addEventListener('visibilitychange', awake);
    return () => {
      document.removeEventListener('visibilitychange', awake);
      clearTimeout(gathering);
      source.close();
    };
  }, [dispatch]);
};
