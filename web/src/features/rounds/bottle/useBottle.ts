import { judgeBatch, type Reason } from '@zymostat/core';
import { useBook } from '../../../api/useBook.ts';
import { nearbyOf, waitingFor, type Stop } from '../stop.ts';
import { asBatches } from '../useRound.ts';
import type { InRound } from '../inRound.ts';
import { useHand } from './useHand.ts';

/** What passes by itself, once what is near is done. */
const WAITING: readonly Reason['code'][] = ['waits-for', 'nearby-unknown'];

/** The bottle in hand, and what speaks against a bottle at a surface as it is now. */
export const useBottle = ({ round, rows, me }: InRound, stops: readonly Stop[], now: number) => {
  const { hand, take, putBack } = useHand(me.person.id);
  const around = { batches: asBatches(rows), clientKeeps: round.clientKeeps, book: useBook() };
  const against = (stop: Stop, batchId: string, at: number): Reason[] =>
    judgeBatch(
      around.batches.get(batchId),
      stop.treatment,
      { clock: stop.clock, at },
      { ...around, nearby: nearbyOf(stops, stop) },
    ).filter(({ outcome }) => outcome === 'never');
  /** The bottle in hand, or one of what is set there: what has to wait is known before it is taken. */
  const setFor = ({ treatment: { use } }: Stop): string | null =>
    rows.find(({ id, active }) => id === hand && active === use?.active)?.id ??
    rows.find(({ active }) => active === use?.active)?.id ??
    null;
  return {
    hand,
    take,
    putBack,
    against,
    waits: (stop: Stop): Reason | undefined =>
      waitingFor(stop, stops, { ...around, batchId: setFor(stop) }),
    /** Whether the bottle in hand may be used there, but for what it has to wait for. */
    fits: (stop: Stop): boolean =>
      hand !== null && against(stop, hand, now).every(({ code }) => WAITING.includes(code)),
  };
};
