import type { Answer, FactBody, NewRoundEvent, Refused } from '@zymostat/contract';
import {
  afterEvent,
  clockOfHome,
  clockOfRound,
  clockOfRoundAt,
  forbidden,
  isLying,
  isWetIn,
  judgeEvent,
  lastDone,
  settledUntil,
  takenBack,
  treatmentOf,
  untouchedState,
  verdictOf,
  type Elsewhere,
  type Nearby,
  type Reason,
  type SurfaceClock,
  type SurfaceState,
  type Treatment,
  type Verdict,
} from '@zymostat/core';
import { problems } from '../../platform/http/problems.ts';
import type { NewFact } from '../records/service.ts';
import { againstTakingBack } from './takesBack.ts';
import { askedIn, factOf, surfacesOf, timingOf, type Place, type Timed } from './events.ts';
import { stateIn, type Scene, type Sent } from './scene.ts';
import type { RoundAtHome } from './store.ts';

export type Taken = Answer<'addEvent'>['taken'];

/** What came of an event: taken, or why not. */
export type Took = { taken: Taken } | { failed: unknown };

/**
 * An event at the nearest moment at which it can have been: not before its round began or before
 * what is settled there, and not after now. None is refused for its time.
 */
const possible = (
  { roundId, event }: Sent,
  { round, state }: { round: RoundAtHome; state: SurfaceState },
  now: number,
): Timed => {
  const { personId: _, turnedBack: __, ...rest } = event;
  const earliest = Math.max(round.startedAt.getTime(), settledUntil(state, roundId));
  const at = Math.max(earliest, Math.min(event.at, now));
  return { ...rest, roundId, at, moved: at - event.at };
};

/** What other rounds have left on a surface, and whether it is wet by one of them. */
const elsewhereOn = (state: SurfaceState, roundId: string, now: number): Elsewhere => {
  const all = clockOfHome(state, now);
  const own = clockOfRound(state, roundId);
  return { on: all.on, wet: all.wetSince !== null && own.wetSince === null };
};

/** What an event meets: its round, what is asked there, how the surface stands and stood. */
interface Met {
  round: RoundAtHome;
  asked: Treatment;
  state: SurfaceState;
  own: SurfaceClock;
  nearby: readonly Nearby[];
}

/** Judges an event by what it met when it happened, and what the phone has said already. */
const judged = (
  event: Timed & Pick<NewRoundEvent, 'turnedBack'>,
  { round, asked, state, own, nearby }: Met,
  { batches, book }: Scene,
  now: number,
): Verdict => {
  const found = judgeEvent(event, asked, own, {
    batches,
    clientKeeps: round.clientKeeps,
    book,
    nearby,
    elsewhere: elsewhereOn(state, round.id, now),
  });
  const onPhone: Reason[] = event.turnedBack
    ? [{ code: 'refused-on-the-phone', outcome: 'never', source: 'the phone' }]
    : [];
  const unsaid = event.kind === 'skipped' && !event.why;
  const unexplained = unsaid ? [forbidden('no-reason-given', 'house rule')] : [];
  return verdictOf([...found.reasons, ...unexplained, ...onPhone]);
};

/** What an event becomes: a fact, how the surface stands after it, and what its phone is told. */
interface Became {
  fact: Pick<NewFact, 'kind' | 'body'>;
  /** When it is held to have been, ms since 1970. */
  at: number;
  state?: SurfaceState;
  took: Took;
}

/** What an event becomes that is refused: it is on record all the same. */
const refusedAs = (refused: Refused, reasons: Reason[], at: number): Became => ({
  fact: { kind: 'refusal', body: { what: 'round-event', refused, reasons } },
  at,
  took: { failed: problems.refused(reasons) },
});

/** What an event becomes of a surface that the round's protocol does not know. */
export const becomesUnknown = (sent: Sent, round: RoundAtHome, now: number): Became => {
  const { at, surfaceId } = possible(sent, { round, state: untouchedState }, now);
  const reasons = [forbidden('not-in-this-round', 'the approved protocol')];
  return refusedAs({ is: 'unknown-surface', surfaceId }, reasons, at);
};

/** What else is wet in the same room, by any round. */
const wetNear = (scene: Scene, { round, place }: { round: RoundAtHome; place: Place }): Nearby[] =>
  surfacesOf(scene.protocols.get(round.versionId)!).flatMap(({ surface, roomId }) => {
    if (roomId !== place.roomId || surface.id === place.surface.id) return [];
    const state = stateIn(scene, round.homeId, surface.id);
    if (!isWetIn(state)) return [];
    const lies = isLying(state) ? treatmentOf(surface, 0).puts : [];
    return [{ name: surface.name, on: state.together.clock.on, lies }];
  });

/** What it becomes that something is taken back: the last thing done there, or it is refused. */
const becomesCorrection = (
  { roundId, kind, at, takesBack: of, because }: Timed,
  told: FactBody<'surface-event'>,
  { round, state, asked, refused }: Omit<Where, 'place'> & { asked: Treatment; refused: Refused },
): Became => {
  const why = because === undefined ? {} : { because };
  const fact = { kind: 'correction' as const, body: { ...told, of: of!, ...why } };
  if (round.finishedAt) return { fact, at, took: { taken: 'late' } };
  const last = lastDone(state, roundId);
  if (last?.id !== of || last?.kind !== kind)
    return refusedAs(refused, [forbidden('not-the-last', 'house rule')], at);
  return { fact, at, state: takenBack(state, { roundId, id: of! }, asked), took: { taken: 'now' } };
};

/** Where something was done, and how it stands there. */
interface Where {
  round: RoundAtHome;
  place: Place;
  state: SurfaceState;
}

/** Who works in a round tells of it; what it says once it is finished a supervisor may correct. */
const mayTell = ({ event, person }: Sent, { people, finishedAt }: RoundAtHome): boolean =>
  people.includes(person.id) ||
  (finishedAt !== null && event.takesBack !== undefined && person.role === 'supervisor');

/** What an event becomes where it was done. */
export const becomes = (sent: Sent, at: Where, scene: Scene, now: number): Became => {
  const { round, place, state } = at;
  const event = possible(sent, at, now);
  const { roundId, surfaceId, batchId } = event;
  const batchCode = batchId === null ? null : (scene.batches.get(batchId)?.code ?? null);
  const { roomName, surface } = place;
  const where = { roundId, surfaceId, surfaceName: surface.name, roomName };
  const told = { ...where, batchId, batchCode, event: event.kind, ...timingOf(event) };
  const asked = askedIn(round, surface);
  const refused = { is: 'event' as const, roomName, surfaceName: surface.name, batchCode };
  if (!mayTell(sent, round))
    return refusedAs(refused, [forbidden('not-joined', 'house rule')], event.at);
  if (event.takesBack) {
    const finished = round.finishedAt !== null;
    const around = { known: scene.known, finished, person: sent.person };
    const against = againstTakingBack(event, around);
    if (against.length > 0) return refusedAs(refused, against, event.at);
    return becomesCorrection(event, told, { ...at, asked, refused });
  }
  if (round.finishedAt)
    return { fact: { kind: 'late-event', body: told }, at: event.at, took: { taken: 'late' } };
  const own = clockOfRoundAt(state, event, asked);
  const met = { round, asked, state, own, nearby: wetNear(scene, at) };
  const { outcome, reasons } = judged(
    { ...event, turnedBack: sent.event.turnedBack },
    met,
    scene,
    now,
  );
  if (outcome === 'never') return refusedAs(refused, reasons, event.at);
  return {
    fact: factOf(event, place, batchCode, { asked, own }),
    at: event.at,
    state: afterEvent(state, { roundId, event }, asked),
    took: { taken: 'now' },
  };
};
