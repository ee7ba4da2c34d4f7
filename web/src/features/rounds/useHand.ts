import type { BatchRow } from '@zymostat/contract';
import { useState } from 'react';
import { isWet, type Stop } from './stop.ts';

const isChecked = ({ status, active }: BatchRow, seconds: number): boolean =>
  status === 'verified' ||
  active === 'registered product' ||
  (status === 'unchecked' && seconds === 0);

/** Whether a bottle is what is set for a surface, and good. */
const fits = (row: BatchRow, { treatment: { use, seconds } }: Stop, now: number): boolean =>
  use !== null &&
  row.active === use.active &&
  Math.abs(row.strength - use.strength) < 1e-9 &&
  row.discardAfter > now &&
  (row.active !== 'registered product' || row.stockId === use.stockId) &&
  isChecked(row, seconds);

/**
 * The bottle in hand at each surface. Bottles that fit what is set come first; the newest of them
 * is taken to be in hand until another is named.
 */
export const useHand = (rows: BatchRow[], now: number) => {
  const [hands, setHands] = useState<Record<string, string>>({});
  const usual = (stop: Stop): string | undefined =>
    isWet(stop) ? (stop.clock.on[0] ?? undefined) : rows.find((row) => fits(row, stop, now))?.id;
  return {
    handAt: (stop: Stop): string | null => hands[stop.surface.id] ?? usual(stop) ?? null,
    take: (stop: Stop, batchId: string) => setHands({ ...hands, [stop.surface.id]: batchId }),
    /** The bottle goes back; what fits the protocol is taken to be in hand again. */
    putBack: ({ surface }: Stop) =>
      setHands(Object.fromEntries(Object.entries(hands).filter(([id]) => id !== surface.id))),
  };
};
