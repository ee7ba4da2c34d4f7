import type { BatchRow, NewRoundEvent, Round, RoundEvent } from '@zymostat/contract';
import {
  foldClock,
  judgeEvent,
  treatmentOf,
  withoutTakenBack,
  type AroundEvent,
  type Batch,
  type SkipReason,
  type WetEvent,
  type Verdict,
} from '@zymostat/core';
import { useMemo } from 'react';
import { useAppSelector } from '../../store/store.ts';
import { keep, stamp } from '../../offline/outbox.ts';
import { doneIn } from '../../store/outbox.ts';
import type { Stop } from './stop.ts';

type Told = RoundEvent | NewRoundEvent;
const unique = (events: Told[]): Told[] => [
  ...new Map(events.map((event) => [event.id, event])).values(),
];

/**
 * Every surface of the round in working order, folded from what the server has and what still waits
 * on the phone.
 */
export const useStops = (round: Round | undefined): Stop[] => {
  const { waiting, taken } = useAppSelector((state) => state.outbox);
  return useMemo(() => {
    if (!round) return [];
    const own = doneIn([...taken, ...waiting])
      .filter((one) => one.roundId === round.id && !one.event.turnedBack)
      .map(({ event }) => event);
    // In the order in which they happened, as the server folds them, whoever told them when.
    const told = unique([...round.events, ...own]).sort((a, b) => a.at - b.at);
    const events = withoutTakenBack(told);
    return round.version.protocol.rooms.flatMap((room) =>
      room.surfaces.map((surface) => {
        const treatment = treatmentOf(surface, round.holds[surface.id] ?? 0);
        return {
          surface,
          roomId: room.id,
          roomName: room.name,
          treatment,
          clock: foldClock(
            events.filter((event) => event.surfaceId === surface.id),
            treatment,
          ),
        };
      }),
    );
  }, [round, waiting, taken]);
};

export const asBatches = (rows: BatchRow[]): Map<string, Batch> =>
  new Map(
    rows.map(({ id, stockId, active, strength, discardAfter, status, groups }) => [
      id,
      { id, stockId, active, strength, discardAfter, status, groups },
    ]),
  );

/** What is done at a stop: with which bottle; why, where it is left out. */
export type Doing = Pick<WetEvent, 'kind' | 'batchId'> & { why?: SkipReason };

/**
 * Records what was done at a stop. Judged here at once by the core; a refusal is put on record too.
 */
export const doAt = (
  { roundId, personId }: { roundId: string; personId: string },
  stop: Stop,
  { kind, batchId, why }: Doing,
  around: AroundEvent,
): { verdict: Verdict; done: Done } => {
  const { tick, when } = stamp();
  const event = { ...when, surfaceId: stop.surface.id, kind, batchId };
  const verdict = judgeEvent(event, stop.treatment, stop.clock, around);
  const turnedBack = verdict.outcome === 'never';
  const told = why ? { why } : {};
  void keep(roundId, { ...event, ...told, said: Date.now(), personId, turnedBack }, tick);
  return { verdict, done: event };
};

/** Something that was done, as it is named when it is taken back. */
export type Done = Pick<NewRoundEvent, 'id' | 'kind' | 'batchId'>;

/** Takes back what was done last at a stop: it is told as a thing of its own. */
export const takeBack = (
  { roundId, personId }: { roundId: string; personId: string },
  stop: Stop,
  { id: takesBack, kind, batchId }: Done,
): void => {
  const { tick, when } = stamp();
  const what = { surfaceId: stop.surface.id, kind, batchId, takesBack };
  void keep(roundId, { ...when, ...what, said: Date.now(), personId, turnedBack: false }, tick);
};
