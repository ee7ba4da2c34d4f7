import type { Body, HomeDetail } from '@zymostat/contract';
import { useSyncExternalStore } from 'react';

/** What was set last on this page, as it stood before: so that one press puts it back. */
export interface LastSet {
  homeId: string;
  before: Body<'setMany'>['settings'];
}

let last: LastSet | null = null;
const listeners = new Set<() => void>();

export const rememberSet = (set: LastSet | null): void => {
  last = set;
  listeners.forEach((tell) => tell());
};

const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};

/** What was set last in a home, if that was here and last. */
export const useLastSet = (homeId: string): LastSet | null => {
  const set = useSyncExternalStore(subscribe, () => last);
  return set?.homeId === homeId ? set : null;
};

/** Settings of some surfaces as they stand. */
export const settingsOf = (
  home: HomeDetail | undefined,
  ids: ReadonlySet<string>,
): LastSet['before'] =>
  (home?.rooms ?? [])
    .flatMap(({ surfaces }) => surfaces)
    .filter(({ id }) => ids.has(id))
    .map(({ id, setting }) => ({ surfaceId: id, setting }));
