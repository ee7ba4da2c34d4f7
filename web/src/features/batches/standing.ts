import type { BatchRow, BottleRow } from '@zymostat/contract';
import { batchInUse } from '@zymostat/core';

/** Poured too long ago to be used. */
export const isPastItsTime = ({ discardAfter }: BatchRow, now: number): boolean =>
  discardAfter <= now;

/** Nobody may use it: past its time, or found out of strength. */
export const isOver = (batch: BatchRow, now: number): boolean =>
  isPastItsTime(batch, now) || batch.status === 'set-aside';

/** How a batch stands by its last check. */
export const checkStanding = ({ status }: BatchRow): 'verified' | 'aside' | 'unchecked' =>
  status === 'set-aside' ? 'aside' : status;

export interface ByStanding {
  inUse: BatchRow[];
  /** In a bottle, or made within a day, and nobody may use it: to be poured away. */
  pourAway: BatchRow[];
  /** In no bottle, and not new: they have left by themselves. */
  earlier: BatchRow[];
}

/** Batches by where they are, by the record. */
export const byStanding = (
  batches: readonly BatchRow[],
  bottles: readonly BottleRow[],
  now: number,
): ByStanding => {
  const held = new Set(bottles.map(({ heldSinceWash }) => heldSinceWash?.batchId));
  const standing: ByStanding = { inUse: [], pourAway: [], earlier: [] };
  for (const batch of batches) {
    const where = {
      ...batch,
      setAside: batch.status === 'set-aside',
      inBottle: held.has(batch.id),
    };
    const stillThere = batchInUse({ ...where, setAside: false, discardAfter: Infinity }, now);
    if (batchInUse(where, now)) standing.inUse.push(batch);
    else standing[stillThere ? 'pourAway' : 'earlier'].push(batch);
  }
  return standing;
};
