import type { BatchRow } from '@zymostat/contract';

/** Poured too long ago to be used. */
export const isPastItsTime = ({ discardAfter }: BatchRow, now: number): boolean =>
  discardAfter <= now;

/** Nobody may use it: past its time, or found out of strength. */
export const isOver = (batch: BatchRow, now: number): boolean =>
  isPastItsTime(batch, now) || batch.status === 'set-aside';

/** How a batch stands by its last check. */
export const checkStanding = ({ status }: BatchRow): 'verified' | 'aside' | 'unchecked' =>
  status === 'set-aside' ? 'aside' : status;
