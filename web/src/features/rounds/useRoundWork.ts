import type { EventKind, SkipReason, Verdict } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { serverNow } from '../../api/serverTime.ts';
import { useBook } from '../../api/useBook.ts';
import { useNow } from '../../ui/useNow.ts';
import { aheadOf, isAlone, isOver, isWet, nearbyOf, upNext, wetByDue, type Stop } from './stop.ts';
import { useAwake } from './useAwake.ts';
import { useDueSignal } from './useDueSignal.ts';
import { useBottle } from './bottle/useBottle.ts';
import { asBatches, doAt, takeBack, useStops, type Doing, type Done } from './useRound.ts';
import { useUndo } from './useUndo.ts';
import type { InRound } from './inRound.ts';

/** Refused: what was to be done, where, and with what. */
export interface Stopped {
  verdict: Verdict;
  stop: Stop;
  batchId: string | null;
}
/** Which surface is worked at; the next one by itself, another where somebody goes there. */
const useCurrent = (stops: Stop[], now: number, waits: (stop: Stop) => unknown) => {
  const [search, setSearch] = useSearchParams();
  const asked = stops.find(({ surface }) => surface.id === search.get('surface'));
  const go = ({ surface }: Stop) => setSearch({ surface: surface.id }, { replace: true });
  const next = upNext(stops, now, waits);
  return { current: asked ?? next ?? stops[0]!, go };
};

/** Does something at a surface: judged here at once; what is refused stops the work. */
const useDoing = ({ round, rows, me }: InRound, stops: readonly Stop[]) => {
  const [stopped, setStopped] = useState<Stopped | null>(null);
  const book = useBook();
  const who = { roundId: round.id, personId: me.person.id };
  const around = { batches: asBatches(rows), clientKeeps: round.clientKeeps, book };
  /** What was done; nothing where it was refused. */
  const doThere = (stop: Stop, what: Doing): Done | null => {
    const nearby = nearbyOf(stops, stop);
    const { verdict, done } = doAt(who, stop, what, { ...around, nearby });
    if (verdict.outcome !== 'never') return done;
    setStopped({ verdict, stop, batchId: what.batchId });
    return null;
  };
  return { stopped, doThere, who, goOn: () => setStopped(null) };
};

const NEEDS_BOTTLE: readonly EventKind[] = ['applied', 'rewet'];

/** Where one is in a round, and what is refused there. */
const useWhere = (inRound: InRound) => {
  const stops = useStops(inRound.round);
  const now = useNow(500);
  const bottle = useBottle(inRound, stops, now);
  const { current, go } = useCurrent(stops, now, bottle.waits);
  const doing = useDoing(inRound, stops);
  useAwake(stops.some(isAlone));
  useDueSignal(stops, now);
  return { stops, now, current, go, ...bottle, ...doing, ahead: aheadOf(stops, current) };
};

/** What can be done where one is, and taken back for a moment. */
const useActing = ({
  now,
  current,
  go,
  hand,
  doThere,
  who,
  ahead,
}: ReturnType<typeof useWhere>) => {
  const { undo, settling, note } = useUndo(now);
  const batchFor = (kind: EventKind) => (NEEDS_BOTTLE.includes(kind) ? hand : null);
  const noted = (done: readonly Done[]) => note({ stop: current, done, at: serverNow() });
  return {
    undo,
    settling,
    /** Does one thing after another, as long as none is refused. */
    act: (...kinds: EventKind[]) => {
      if (settling) return;
      const done: Done[] = [];
      for (const kind of kinds) {
        const one = doThere(current, { kind, batchId: batchFor(kind) });
        if (!one) return;
        done.push(one);
      }
      noted(done);
      go(current);
    },
    takeBack: () => {
      if (!undo) return;
      for (const done of undo.done.toReversed()) takeBack(who, undo.stop, done);
      note(null);
      go(undo.stop);
    },
    /** Leaves the surface out, and goes on to the next. */
    skip: (why: SkipReason) => {
      const done = doThere(current, { kind: 'skipped', batchId: null, why });
      if (!done) return;
      noted([done]);
      go(ahead[0] ?? current);
    },
  };
};

/** A round as it is worked: where one is, what is in hand, what is done and what is refused. */
export const useRoundWork = (inRound: InRound) => {
  const where = useWhere(inRound);
  const acting = useActing(where);
  const { stops, now, current, hand, take, putBack, fits, waits, against } = where;
  const { stopped, doThere, goOn } = where;
  const bottleFits = fits(current);
  return {
    ...where,
    ...acting,
    rows: inRound.rows,
    /** What else is wet, soonest due first. */
    alsoWet: wetByDue(stops, now).filter((stop) => stop !== current),
    /** What the bottle in hand has to wait for. */
    waits: waits(current),
    bottleFits,
    /** Whether it takes a bottle that is not in hand. */
    lacksBottle: (kinds: readonly EventKind[]): boolean =>
      !bottleFits && kinds.some((kind) => NEEDS_BOTTLE.includes(kind)),
    /** Takes a bottle in hand: refused at once where it must not be used at this surface. */
    onHand: (batchId: string): void => {
      if (against(current, batchId, serverNow()).length === 0) take(batchId);
      else doThere(current, { kind: isWet(current) ? 'rewet' : 'applied', batchId });
    },
    /** Wiping it now would be too early. */
    isEarly: () => isWet(current) && !isOver(current, serverNow()),
    goBack: () => {
      if (stopped?.batchId === hand) putBack();
      goOn();
    },
  };
};
export type RoundWork = ReturnType<typeof useRoundWork>;
