import { storages, type Storage } from './strengthGrid.ts';

/** How a container may be kept, as one asks for it: what of it speeds its loss. */
export const waysKept = {
  'dark-cool': [],
  warm: ['warm'],
  clear: ['clear'],
  'warm-clear': ['warm', 'clear'],
} as const satisfies Record<string, readonly Storage[]>;
export type WayKept = keyof typeof waysKept;

const codes = Object.keys(waysKept) as WayKept[];

/** What that is called. */
export const keptAs = (storage: readonly Storage[]): WayKept =>
  codes.find((code) =>
    storages.every(
      (one) => storage.includes(one) === (waysKept[code] as readonly Storage[]).includes(one),
    ),
  )!;
