import type {
  Answer,
  NewRoundEvent,
  Protocol,
  Round,
  RoundEvent,
  RoundRow,
  WetNow,
} from '@zymostat/contract';
import {
  foldClock,
  judgeEvent,
  outcomeOf,
  treatmentOf,
  verdictOf,
  wetClock,
  type Batch,
  type Elsewhere,
  type Reason,
  type SurfaceClock,
  type TreatedSurface,
  type Treatment,
  type Verdict,
  type WetEvent,
} from '@zymostat/core';
import { IsNull, MoreThan } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { batchesById } from '../bench/service.ts';
import { holdHome } from '../homes/changes.ts';
import { homeById } from '../homes/service.ts';
import { theBook } from '../keepApart/book.ts';
import { personNames, type Person } from '../people/service.ts';
import { newestVersion, versionById } from '../protocols/service.ts';
import {
  append,
  factById,
  factsOfRounds,
  type LedgerRow,
  type NewFact,
} from '../records/service.ts';
import { RoundEntity, type RoundRecord } from './entities.ts';

/** A phone's clock may be this far ahead before its times are refused. */
const AHEAD_MS = 120_000;

type Place = { surface: TreatedSurface; roomName: string };

const surfacesOf = (protocol: Protocol): Place[] =>
  protocol.rooms.flatMap((room) =>
    room.surfaces.map((surface) => ({ surface, roomName: room.name })),
  );

const asEvent = (fact: LedgerRow): RoundEvent | null => {
  if (fact.kind !== 'surface-event' && fact.kind !== 'wet-time') return null;
  const { surfaceId, event, batchId } = fact.body as {
    surfaceId: string;
    event: RoundEvent['kind'];
    batchId: string | null;
  };
  return { id: fact.factId, surfaceId, kind: event, at: fact.at.getTime(), batchId };
};

const eventsOf = (facts: LedgerRow[]): RoundEvent[] =>
  facts.map(asEvent).filter((event) => event !== null);

const asRow = async (context: Context, row: RoundRecord): Promise<RoundRow> => {
  const [home, names] = await Promise.all([homeById(context, row.homeId), personNames(context)]);
  return {
    id: row.id,
    homeId: row.homeId,
    homeName: home?.name ?? '',
    place: home?.place ?? '',
    by: names.get(row.personId) ?? '',
    startedAt: row.startedAt.getTime(),
    finishedAt: row.finishedAt?.getTime() ?? null,
  };
};

/** When each home was last worked in. */
export const lastRoundByHome = async ({ db }: Context): Promise<Map<string, number>> => {
  const rows: { home_id: string; at: Date }[] = await db.query(
    'SELECT home_id, max(started_at) AS at FROM round GROUP BY home_id',
  );
  return new Map(rows.map(({ home_id, at }) => [home_id, at.getTime()]));
};

const openRecords = ({ db }: Context): Promise<RoundRecord[]> =>
  db
    .getRepository(RoundEntity)
    .find({ where: { finishedAt: IsNull() }, order: { startedAt: 'ASC' } });

/** Rounds in hand: a supervisor sees all, a cleaner their own. */
export const openRounds = async (context: Context, person: Person): Promise<RoundRow[]> => {
  const rows = (await openRecords(context)).filter(
    (row) => person.role === 'supervisor' || row.personId === person.id,
  );
  return Promise.all(rows.map((row) => asRow(context, row)));
};

const mine = (row: RoundRecord | null, person: Person): RoundRecord => {
  if (!row || (person.role !== 'supervisor' && row.personId !== person.id))
    throw problems.notFound('round');
  return row;
};

/**
 * Starts a round by the newest approved version. The phone gives the id, so a repeated start is the
 * same round.
 */
export const startRound = async (
  context: Context,
  { id, homeId }: { id: string; homeId: string },
  person: Person,
): Promise<RoundRow> => {
  const { db, now, newId } = context;
  const existing = await db.getRepository(RoundEntity).findOneBy({ id });
  if (existing) return asRow(context, mine(existing, person));
  const [home, version] = await Promise.all([
    homeById(context, homeId),
    newestVersion(context, homeId),
  ]);
  if (!home) throw problems.notFound('home');
  if (!version) throw problems.conflict('no-protocol', { home: home.name });
  const row: RoundRecord = {
    id,
    homeId,
    versionId: version.id,
    personId: person.id,
    startedAt: new Date(now()),
    finishedAt: null,
  };
  await within(context, async (inside) => {
    await inside.db.insert(RoundEntity, row);
    await append(inside, {
      kind: 'round-started',
      factId: newId(),
      at: now(),
      home,
      person,
      body: { roundId: id, version: version.number },
    });
  });
  return asRow(context, row);
};

export const roundById = async (context: Context, id: string, person: Person): Promise<Round> => {
  const row = mine(await context.db.getRepository(RoundEntity).findOneBy({ id }), person);
  const [head, version, facts, home] = await Promise.all([
    asRow(context, row),
    versionById(context, row.versionId),
    factsOfRounds(context, [id]),
    homeById(context, row.homeId),
  ]);
  return { ...head, version, clientKeeps: home?.clientKeeps ?? [], events: eventsOf(facts) };
};

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

const timeReasons = (at: number, round: RoundRecord, now: number): Reason[] =>
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

/**
 * The fact that an accepted event becomes: the end of a stretch carries the time required and the
 * time held.
 */
const factOf = (
  event: RoundEvent & { roundId: string },
  { surface, roomName }: Place,
  batchCode: string | null,
  before: readonly RoundEvent[],
) => {
  const { roundId, surfaceId, batchId, kind } = event;
  const common = { roundId, surfaceId, batchId, batchCode, surfaceName: surface.name, roomName };
  const asked = treatmentOf(surface);
  const { treatment } = surface;
  const stretch = wetClock(foldClock(before, asked), event, asked).stretches.at(-1);
  if (treatment && stretch && (kind === 'wiped' || kind === 'found-dry')) {
    const { active, strength, seconds } = treatment;
    const { heldSeconds, coats, met } = stretch;
    return {
      kind: 'wet-time' as const,
      body: {
        ...common,
        event: kind,
        active,
        strength,
        requiredSeconds: seconds,
        heldSeconds,
        coats: coats.length,
        met,
      },
    };
  }
  return { kind: 'surface-event' as const, body: { ...common, event: kind } };
};

/** An event sent twice is taken once; one that names another thing under the same id is refused. */
const answerTo = (known: LedgerRow, event: NewRoundEvent): Answer<'addEvent'> => {
  if (known.kind === 'refusal')
    throw problems.refused((known.body as { reasons: Reason[] }).reasons);
  const before = asEvent(known);
  if (before?.surfaceId !== event.surfaceId || before.kind !== event.kind)
    throw problems.conflict('id-taken');
  return { id: event.id, taken: 'before' };
};

/**
 * What was put on longer ago than this, ms, has dried and been washed over since. Source: house
 * rule.
 */
const STILL_ON = 24 * 3_600_000;

/** Events at the surfaces of a home over all its rounds that may still matter, oldest first. */
const eventsOfHome = async (
  context: Context,
  { homeId, id }: RoundRecord,
): Promise<(RoundEvent & { roundId: string })[]> => {
  const since = new Date(context.now() - STILL_ON);
  const rounds = await context.db.getRepository(RoundEntity).find({
    where: [
      { homeId, finishedAt: IsNull() },
      { homeId, finishedAt: MoreThan(since) },
    ],
  });
  const facts = await factsOfRounds(context, [
    ...new Set([id, ...rounds.map((round) => round.id)]),
  ]);
  return facts
    .flatMap((fact) => {
      const event = asEvent(fact);
      return event ? [{ ...event, roundId: (fact.body as { roundId: string }).roundId }] : [];
    })
    .sort((a, b) => a.at - b.at);
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

/** What an event of a round meets: its surface, what was done there, and everything around it. */
interface Scene {
  round: RoundRecord;
  home: Awaited<ReturnType<typeof homeById>>;
  place: Place;
  ofHome: readonly RoundEvent[];
  earlier: readonly RoundEvent[];
}

/** Holds the round and its home, and looks up the scene; or gives what the id already stands for. */
const sceneOf = async (
  inside: Context,
  roundId: string,
  event: NewRoundEvent,
  person: Person,
): Promise<{ known: LedgerRow } | Scene> => {
  const found = await inside.db.findOne(RoundEntity, {
    where: { id: roundId },
    lock: { mode: 'pessimistic_write' },
  });
  const round = mine(found, person);
  // Two rounds of one home may wet the same surface: what either does waits for the other.
  await holdHome(inside, round.homeId);
  const known = await factById(inside, event.id);
  if (known) return { known };
  if (round.finishedAt) throw problems.conflict('round-finished');
  const { protocol } = await versionById(inside, round.versionId);
  const home = await homeById(inside, round.homeId);
  const place = surfacesOf(protocol).find(({ surface }) => surface.id === event.surfaceId);
  if (!place) throw problems.notFound('surface-in-round');
  const all = await eventsOfHome(inside, round);
  const ofHome = all.filter((one) => one.surfaceId === event.surfaceId);
  return { round, home, place, ofHome, earlier: ofHome.filter((one) => one.roundId === roundId) };
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
  const bottle = batchCode ? `, bottle ${batchCode}` : '';
  const detail = `${place.roomName}: ${place.surface.name}${bottle}`;
  const { reasons } = verdict;
  const what: Pick<NewFact, 'kind' | 'body'> =
    verdict.outcome === 'never'
      ? { kind: 'refusal', body: { what: 'round-event', detail, reasons } }
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

const clocksOf = (protocol: Protocol, events: readonly RoundEvent[]) =>
  surfacesOf(protocol).map(({ surface }) => {
    const asked = treatmentOf(surface);
    return {
      surface,
      asked,
      clock: foldClock(
        events.filter((event) => event.surfaceId === surface.id),
        asked,
      ),
    };
  });

/** Finishes a round, unless something in it is still wet. What was left undone is written down. */
export const finishRound = async (context: Context, id: string, person: Person): Promise<null> => {
  const { now, newId } = context;
  await within(context, async (inside) => {
    const round = mine(
      await inside.db.findOne(RoundEntity, { where: { id }, lock: { mode: 'pessimistic_write' } }),
      person,
    );
    if (round.finishedAt) return;
    const { protocol } = await versionById(inside, round.versionId);
    const home = await homeById(inside, round.homeId);
    const clocks = clocksOf(protocol, eventsOf(await factsOfRounds(inside, [id])));
    const wet = clocks.filter(({ clock }) => clock.wetSince !== null);
    if (wet.length > 0)
      throw problems.conflict('still-wet', {
        surfaces: wet.map(({ surface }) => surface.name).join(', '),
      });
    const body = {
      roundId: id,
      done: clocks.filter(({ clock }) => clock.done).length,
      open: clocks.filter(({ clock }) => !clock.done).length,
      notMet: clocks.filter(({ clock, asked }) => outcomeOf(clock, asked) === 'not-met').length,
    };
    await inside.db.update(
      RoundEntity,
      { id },
      { finishedAt: new Date(Math.max(now(), round.startedAt.getTime())) },
    );
    await append(inside, {
      kind: 'round-finished',
      factId: newId(),
      at: now(),
      home,
      person,
      body,
    });
  });
  return null;
};

/** What is wet right now across all rounds in hand, soonest to be met first. */
export const wetNow = async (context: Context): Promise<WetNow> => {
  const open = await openRecords(context);
  const facts = await factsOfRounds(
    context,
    open.map((round) => round.id),
  );
  const byRound = await Promise.all(
    open.map(async (round) => {
      const [head, { protocol }] = await Promise.all([
        asRow(context, round),
        versionById(context, round.versionId),
      ]);
      const events = eventsOf(
        facts.filter((fact) => (fact.body as { roundId?: string }).roundId === round.id),
      );
      return clocksOf(protocol, events).flatMap(({ surface, clock }) =>
        clock.wetSince === null || !surface.treatment
          ? []
          : [
              {
                roundId: round.id,
                surfaceId: surface.id,
                homeName: head.homeName,
                surfaceName: surface.name,
                by: head.by,
                active: surface.treatment.active,
                seconds: surface.treatment.seconds,
                wetSince: clock.wetSince,
                coats: clock.coats,
              },
            ],
      );
    }),
  );
  return byRound
    .flat()
    .sort((a, b) => a.wetSince + a.seconds * 1000 - (b.wetSince + b.seconds * 1000));
};
