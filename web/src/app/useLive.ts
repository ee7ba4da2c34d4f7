import type { RecordKind } from '@zymostat/contract';
import { useEffect } from 'react';
import { api } from './api.ts';
import { useAppDispatch } from './store.ts';

const GATHER_MS = 150;

const tagsOf = (kind: RecordKind) => {
  switch (kind) {
    case 'approval':
      return ['Homes', 'Home'] as const;
    case 'batch':
    case 'check':
      return ['Batches'] as const;
    case 'bottle':
      return ['Bottles'] as const;
    case 'house-rules':
      return ['Me', 'Homes', 'Home'] as const;
    case 'near-miss':
    case 'incident':
    case 'follow-up':
      return ['Mishaps'] as const;
    case 'round-started':
    case 'round-finished':
      return ['Rounds', 'WetNow', 'Homes'] as const;
    case 'surface-event':
    case 'wet-time':
      return ['WetNow', 'Round'] as const;
    case 'rule-added':
    case 'rule-withdrawn':
      return ['Me', 'Book', 'Home'] as const;
    case 'book-read':
      return ['Book'] as const;
    case 'source-checked':
      return ['Sources'] as const;
    case 'refusal':
      return [] as const;
  }
};

/** Hears of each new fact from the server, and fetches anew what it touches. */
export const useLive = (): void => {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const heard = new Set<RecordKind>();
    let gathering: ReturnType<typeof setTimeout> | undefined;
    const source = new EventSource('/api/live');
    source.onmessage = ({ data }) => {
      heard.add(data as RecordKind);
      gathering ??= setTimeout(() => {
        dispatch(
          api.util.invalidateTags([
            ...new Set([...heard].flatMap((kind) => [...tagsOf(kind)])),
            'Records',
          ]),
        );
        heard.clear();
        gathering = undefined;
      }, GATHER_MS);
    };
    return () => {
      clearTimeout(gathering);
      source.close();
    };
  }, [dispatch]);
};
