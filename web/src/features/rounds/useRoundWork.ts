import type { BatchRow, Me, Round } from '@zymostat/contract';
import type { EventKind, Verdict } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { serverNow } from '../../api/serverTime.ts';
import { useBook } from '../../api/useBook.ts';
import { useNow } from '../../ui/useNow.ts';
import { aheadOf, isOver, isWet, upNext, wetByDue, type Stop } from './stop.ts';
import { useAwake } from './useAwake.ts';
import { useHand } from './useHand.ts';
import { asBatches, doAt, useStops } from './useRound.ts';

/** Refused: what was to be done, where, and with what. */
export interface Stopped {
  verdict: Verdict;
  stop: Stop;
  batchId: string | null;
}
export interface InRound {
  round: Round;
  rows: BatchRow[];
  me: Me;
}

/** Which surface is worked at; the next one by itself, another where somebody goes there. */
const useCurrent = (stops: Stop[], now: number) => {
  const [search, setSearch] = useSearchParams();
  const asked = stops.find(({ surface }) => surface.id === search.get('surface'));
  const go = ({ surface }: Stop) => setSearch({ surface: surface.id }, { replace: true });
  return { current: asked ?? upNext(stops, now) ?? stops[0]!, go };
};

/** Does something at a surface: judged here at once; what is refused stops the work. */
const useDoing = ({ round, rows, me }: InRound) => {
  const [stopped, setStopped] = useState<Stopped | null>(null);
  const book = useBook();
  const who = { roundId: round.id, personId: me.person.id };
  const around = { batches: asBatches(rows), clientKeeps: round.clientKeeps, book };
  /** Whether it was done. */
  const doThere = (stop: Stop, kind: EventKind, batchId: string | null): boolean => {
    const verdict = doAt(who, stop, { kind, batchId }, around);
    if (verdict.outcome !== 'never') return true;
    setStopped({ verdict, stop, batchId });
    return false;
  };
  return { stopped, doThere, goOn: () => setStopped(null) };
};

/** A round as it is worked: where one is, what is in hand, what is done and what is refused. */
export const useRoundWork = (inRound: InRound) => {
  const { round, rows } = inRound;
  const stops = useStops(round);
  const now = useNow(500);
  const { current, go } = useCurrent(stops, now);
  const { handAt, take, putBack } = useHand(rows, now);
  const { stopped, doThere, goOn } = useDoing(inRound);
  useAwake(stops.some(isWet));
  const hand = handAt(current);
  const batchFor = (kind: EventKind) => (kind === 'applied' || kind === 'rewet' ? hand : null);
  /** Does one thing after another, as long as none is refused. */
  const act = (...kinds: EventKind[]) => {
    if (kinds.every((kind) => doThere(current, kind, batchFor(kind)))) go(current);
  };
  return {
    stops,
    now,
    current,
    go,
    ahead: aheadOf(stops, current),
    /** What else is wet, soonest due first. */
    alsoWet: wetByDue(stops, now).filter((stop) => stop !== current),
    hand,
    onHand: (batchId: string) => take(current, batchId),
    act,
    /** Wiping it now would be too early. */
    isEarly: () => isWet(current) && !isOver(current, serverNow()),
    stopped,
    goBack: () => {
      putBack(current);
      goOn();
    },
  };
};
export type RoundWork = ReturnType<typeof useRoundWork>;
