import type { BatchRow, Me, Round } from '@zymostat/contract';
import type { EventKind, Reason, SkipReason, Verdict } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { serverNow } from '../../api/serverTime.ts';
import { useBook } from '../../api/useBook.ts';
import { useNow } from '../../ui/useNow.ts';
import {
  aheadOf,
  isOver,
  nearbyOf,
  waitingFor,
  isWet,
  upNext,
  wetByDue,
  type Stop,
} from './stop.ts';
import { useAwake } from './useAwake.ts';
import { useHand } from './useHand.ts';
import { asBatches, doAt, useStops, type Doing } from './useRound.ts';

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
const useCurrent = (stops: Stop[], now: number, waits: (stop: Stop) => unknown) => {
  const [search, setSearch] = useSearchParams();
  const asked = stops.find(({ surface }) => surface.id === search.get('surface'));
  const go = ({ surface }: Stop) => setSearch({ surface: surface.id }, { replace: true });
  // What has to wait comes when nothing else can be begun.
  const inTurn = [...stops.filter((stop) => !waits(stop)), ...stops.filter(waits)];
  return { current: asked ?? upNext(inTurn, now) ?? stops[0]!, go };
};

/** Does something at a surface: judged here at once; what is refused stops the work. */
const useDoing = ({ round, rows, me }: InRound, stops: readonly Stop[]) => {
  const [stopped, setStopped] = useState<Stopped | null>(null);
  const book = useBook();
  const who = { roundId: round.id, personId: me.person.id };
  const around = { batches: asBatches(rows), clientKeeps: round.clientKeeps, book };
  /** Whether it was done. */
  const doThere = (stop: Stop, what: Doing): boolean => {
    const nearby = nearbyOf(stops, stop);
    const verdict = doAt(who, stop, what, { ...around, nearby });
    if (verdict.outcome !== 'never') return true;
    setStopped({ verdict, stop, batchId: what.batchId });
    return false;
  };
  return { stopped, doThere, goOn: () => setStopped(null) };
};

/** A round as it is worked: where one is, what is in hand, what is done and what is refused. */
export const useRoundWork = (inRound: InRound) => {
  const { round, rows } = inRound;
  const stops = useStops(round);
  const now = useNow(500);
  const { handAt, take, putBack } = useHand(rows, now);
  const book = useBook();
  const waits = (stop: Stop): Reason | undefined =>
    waitingFor(stop, stops, { batches: asBatches(rows), book, batchId: handAt(stop) });
  const { current, go } = useCurrent(stops, now, waits);
  const { stopped, doThere, goOn } = useDoing(inRound, stops);
  useAwake(stops.some(isWet));
  const hand = handAt(current);
  const ahead = aheadOf(stops, current);
  const batchFor = (kind: EventKind) => (kind === 'applied' || kind === 'rewet' ? hand : null);
  /** Does one thing after another, as long as none is refused. */
  const act = (...kinds: EventKind[]) => {
    const done = (kind: EventKind) => doThere(current, { kind, batchId: batchFor(kind) });
    if (kinds.every(done)) go(current);
  };
  return {
    stops,
    now,
    current,
    go,
    ahead,
    /** What else is wet, soonest due first. */
    alsoWet: wetByDue(stops, now).filter((stop) => stop !== current),
    hand,
    /** What the bottle in hand has to wait for. */
    waits: waits(current),
    onHand: (batchId: string) => take(current, batchId),
    act,
    /** Leaves the surface out, and goes on to the next. */
    skip: (why: SkipReason) => {
      if (doThere(current, { kind: 'skipped', batchId: null, why })) go(ahead[0] ?? current);
    },
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
