import type { Answer, NewRoundEvent } from '@zymostat/contract';
import {
  afterEvent,
  clockOfHome,
  clockOfRound,
  judgeEvent,
  verdictOf,
  type Elsewhere,
  type Reason,
  type SurfaceState,
  type Treatment,
  type Verdict,
} from '@zymostat/core';
import { problems } from '../../platform/http/problems.ts';
import type { NewFact } from '../records/service.ts';
import { askedIn, factOf, type Place } from './events.ts';
import type { Scene, Sent } from './scene.ts';
import type { RoundAtHome } from './store.ts';

/** A phone's clock may be this far ahead before its times are refused. */
const AHEAD_MS = 120_000;

export type Taken = Answer<'addEvent'>['taken'];

/** What came of an event: taken, or why not. */
export type Took = { taken: Taken } | { failed: unknown };

const timeReasons = (at: number, startedAt: number, now: number): Reason[] =>
  at > now + AHEAD_MS || at < startedAt - AHEAD_MS
    ? [
        {
          code: 'out-of-order',
          outcome: 'never',
          figures: { at, lastAt: startedAt },
          source: 'the record',
        },
      ]
    : [];

/** What other rounds have left on a surface, and whether it is wet by one of them. */
const elsewhereOn = (state: SurfaceState, roundId: string, now: number): Elsewhere => {
  const all = clockOfHome(state, now);
  const own = clockOfRound(state, roundId);
  return { on: all.on, wet: all.wetSince !== null && own.wetSince === null };
};

/** Judges an event by what is known here, its times, and what the phone has said already. */
const judged = (
  event: NewRoundEvent,
  { round, asked, state }: { round: RoundAtHome; asked: Treatment; state: SurfaceState },
  { batches, book }: Scene,
  now: number,
): Verdict => {
  const found = judgeEvent(event, asked, clockOfRound(state, round.id), {
    batches,
    clientKeeps: round.clientKeeps,
    book,
    elsewhere: elsewhereOn(state, round.id, now),
  });
  const onPhone: Reason[] = event.turnedBack
    ? [{ code: 'refused-on-the-phone', outcome: 'never', source: 'the phone' }]
    : [];
  return verdictOf([
    ...found.reasons,
    ...timeReasons(event.at, round.startedAt.getTime(), now),
    ...onPhone,
  ]);
};

/** What an event becomes: a fact, how the surface stands after it, and what its phone is told. */
interface Became {
  fact: Pick<NewFact, 'kind' | 'body'>;
  state?: SurfaceState;
  took: Took;
}

/** What an event becomes where it was done. */
export const becomes = (
  { roundId, event }: Sent,
  at: { round: RoundAtHome; place: Place; state: SurfaceState },
  scene: Scene,
  now: number,
): Became => {
  const { round, place, state } = at;
  const batchCode =
    event.batchId === null ? null : (scene.batches.get(event.batchId)?.code ?? null);
  const { roomName, surface } = place;
  if (round.finishedAt) {
    const { surfaceId, batchId, kind } = event;
    const told = { roundId, surfaceId, batchId, batchCode, surfaceName: surface.name, roomName };
    return {
      fact: { kind: 'late-event', body: { ...told, event: kind } },
      took: { taken: 'late' },
    };
  }
  const asked = askedIn(round, surface);
  const { outcome, reasons } = judged(event, { round, asked, state }, scene, now);
  if (outcome === 'never') {
    const refused = { is: 'event' as const, roomName, surfaceName: surface.name, batchCode };
    return {
      fact: { kind: 'refusal', body: { what: 'round-event', refused, reasons } },
      took: { failed: problems.refused(reasons) },
    };
  }
  return {
    fact: factOf({ ...event, roundId }, place, batchCode, {
      asked,
      own: clockOfRound(state, roundId),
    }),
    state: afterEvent(state, { roundId, event }, asked),
    took: { taken: 'now' },
  };
};
