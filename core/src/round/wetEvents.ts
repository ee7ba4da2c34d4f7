import type { Lies } from '../jobs/soil.ts';

/**
 * What a cleaner does at one surface: `laid` is put on to work by itself, a bag, a paste, a bath;
 * `nothing-on-it` that there is nothing to loosen. `at` in ms since 1970, told by the phone that saw it.
 */
export const eventKinds = [
  'lifted',
  'laid',
  'taken-off',
  'nothing-on-it',
  'washed',
  'applied',
  'rewet',
  'seen-wet',
  'found-dry',
  'wiped',
  'rinsed',
  'skipped',
] as const;
export type EventKind = (typeof eventKinds)[number];

/** Why a surface was left out. */
export const skipReasons = [
  'no-access',
  'client-said-no',
  'in-use',
  'damaged',
  'not-there',
  'no-time',
] as const;
export type SkipReason = (typeof skipReasons)[number];

/**
 * By which clock an event was timed: one opening of the page on one phone, in which time runs evenly
 * whatever the phone's clock is set to; and by how many whole seconds it may be off all the same.
 */
export interface EventClock {
  opening: string;
  uncertain: number;
}

export interface WetEvent {
  surfaceId: string;
  kind: EventKind;
  at: number;
  batchId: string | null;
  clock: EventClock;
}

/**
 * What the protocol asks of the surface: seconds to stay wet, and whether a rinse closes it; and for
 * how many seconds a coat is known to stay wet there, 0 where nobody knows.
 */
export interface Asked {
  /** What loosens soil there first, and works by itself; nothing where a wash is all. */
  lies: Lies | null;
  seconds: number;
  coatHolds: number;
  applies: boolean;
  rinses: boolean;
}
