import type { Answer, NewRoundEvent, RoundEvent } from '@zymostat/contract';
import {
  foldClock,
  judgeEvent,
  treatmentOf,
  verdictOf,
  type Batch,
  type Elsewhere,
  type Reason,
  type SurfaceClock,
  type Treatment,
  type Verdict,
  type WetEvent,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { batchesById } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import type { Person } from '../people/service.ts';
import { append, type LedgerRow, type NewFact } from '../records/service.ts';
import { asEvent, factOf } from './events.ts';
import { sceneOf, type Scene } from './scene.ts';

/** A phone's clock may be this far ahead before its times are refused. */
const AHEAD_MS = 120_000;

/** The bottles a judgement needs: those already on the surface and the one in hand. */
const batchesFor = async (
  context: Context,
  events: readonly WetEvent[],
): Promise<{ judged: Map<string, Batch>; codes: Map<string, string> }> => {
  const ids = [...new Set(events.map((event) => event.batchId).filter((id) => id !== null))];
  const rows = await batchesById(context, ids);
  return {
    judged: new Map(
      rows.map(({ id, stockId, active, strength, discardAfter, status, groups }) => [
        id,
        { id, stockId, active, strength, discardAfter, status, groups },
      ]),
    ),
    codes: new Map(rows.map(({ id, code }) => [id, code])),
  };
};

const timeReasons = (at: number, round: Scene['round'], now: number): Reason[] =>
  at > now + AHEAD_MS || at < round.startedAt.getTime() - AHEAD_MS
    ? [
        {
          code: 'out-of-order',
          outcome: 'never',
          figures: { at, lastAt: round.startedAt.getTime() },
          source: 'the record',
        },
      ]
    : [];

/** An event sent twice is taken once; one that names another thing under the same id is refused. */
const answerTo = (known: LedgerRow, event: NewRoundEvent): Answer<'addEvent'> => {
  if (known.kind === 'refusal')
    throw problems.refused((known.body as { reasons: Reason[] }).reasons);
  const before = asEvent(known);
  if (before?.surfaceId !== event.surfaceId || before.kind !== event.kind)
    throw problems.conflict('id-taken');
  return { id: event.id, taken: 'before' };
};

/** What other rounds have left on a surface, and whether it is wet by one of them. */
const elsewhereOn = (
  ofHome: readonly RoundEvent[],
  own: SurfaceClock,
  treatment: Treatment,
): Elsewhere => {
  const all = foldClock(ofHome, treatment);
  return { on: all.on, wet: all.wetSince !== null && own.wetSince === null };
};

/** Judges an event by what is known here, its times, and what the phone has said already. */
const judged = async (
  inside: Context,
  event: NewRoundEvent,
  { round, home, place, ofHome, earlier }: Scene,
  batches: ReadonlyMap<string, Batch>,
): Promise<Verdict> => {
  const treatment = treatmentOf(place.surface);
  const own = foldClock(earlier, treatment);
  const found = judgeEvent(event, treatment, own, {
    batches,
    clientKeeps: home?.clientKeeps ?? [],
    book: await theBook(inside),
    elsewhere: elsewhereOn(ofHome, own, treatment),
  });
  const onPhone: Reason[] = event.turnedBack
    ? [{ code: 'refused-on-the-phone', outcome: 'never', source: 'the phone' }]
    : [];
  return verdictOf([...found.reasons, ...timeReasons(event.at, round, inside.now()), ...onPhone]);
};

/** Judges an event and writes it down, taken or refused. */
const takeEvent = async (
  inside: Context,
  roundId: string,
  event: NewRoundEvent,
  person: Person,
): Promise<{ known: LedgerRow } | { verdict: Verdict }> => {
  const scene = await sceneOf(inside, roundId, event, person);
  if ('known' in scene) return scene;
  const { home, place, ofHome, earlier } = scene;
  const { judged: batches, codes } = await batchesFor(inside, [...ofHome, event]);
  const verdict = await judged(inside, event, scene, batches);
  const batchCode = event.batchId === null ? null : (codes.get(event.batchId) ?? null);
  const { reasons } = verdict;
  const { roomName, surface } = place;
  const refused = { is: 'event' as const, roomName, surfaceName: surface.name, batchCode };
  const what: Pick<NewFact, 'kind' | 'body'> =
    verdict.outcome === 'never'
      ? { kind: 'refusal', body: { what: 'round-event', refused, reasons } }
      : factOf({ ...event, roundId }, place, batchCode, earlier);
  await append(inside, { ...what, factId: event.id, at: event.at, home, person } as NewFact);
  return { verdict };
};

/**
 * Takes what a phone saw done. Judged by the same function as on the phone; refused or taken, it is
 * on the ledger before the answer goes out, and the same id is never taken twice.
 */
export const addEvent = async (
  context: Context,
  roundId: string,
  event: NewRoundEvent,
  person: Person,
): Promise<Answer<'addEvent'>> => {
  if (event.personId !== person.id) throw problems.notTheirs();
  const done = await within(context, (inside) => takeEvent(inside, roundId, event, person));
  if ('known' in done) return answerTo(done.known, event);
  if (done.verdict.outcome === 'never') throw problems.refused(done.verdict.reasons);
  return { id: event.id, taken: 'now' };
};
