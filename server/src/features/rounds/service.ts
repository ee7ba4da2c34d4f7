import type { Round, RoundRow } from '@zymostat/contract';
import {
  cameOf,
  clockOfRound,
  coatHoldsIn,
  untouchedState,
  withoutRound,
  type Came,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById, surveyOf } from '../homes/service.ts';
import { personNames, theCompany, type Person } from '../people/service.ts';
import { newestVersion, versionById } from '../protocols/service.ts';
import { append, factsOfRounds, turnToAppend } from '../records/service.ts';
import { askedIn, eventsOf, surfacesOf } from './events.ts';
import * as store from './store.ts';

export { isAnyState, lastRoundByHome } from './store.ts';

export const asRow = async (context: Context, row: store.RoundRecord): Promise<RoundRow> => {
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

/** Rounds in hand: a supervisor sees all, a cleaner their own. */
export const openRounds = async (context: Context, person: Person): Promise<RoundRow[]> => {
  const rows = (await store.openRounds(context)).filter(
    (row) => person.role === 'supervisor' || row.personId === person.id,
  );
  return Promise.all(rows.map((row) => asRow(context, row)));
};

/** A round that this person may see: a supervisor any, a cleaner their own. */
export const mine = <Row extends store.RoundRecord>(row: Row | null, person: Person): Row => {
  if (!row || (person.role !== 'supervisor' && row.personId !== person.id))
    throw problems.notFound('round');
  return row;
};

/** More than these at once nobody has in hand: what is left lying is finished first. */
const MOST_OPEN = 20;

const begin = async (
  inside: Context,
  { id, homeId }: { id: string; homeId: string },
  person: Person,
): Promise<store.RoundRecord> => {
  const home = await homeById(inside, homeId);
  const version = await newestVersion(inside, homeId);
  if (!home) throw problems.notFound('home');
  if (!version) throw problems.conflict('no-protocol', { home: home.name });
  if ((await store.countOfOpen(inside, person.id)) >= MOST_OPEN)
    throw problems.conflict('too-many-open', { most: MOST_OPEN });
  const startedAt = new Date(inside.now());
  const [survey, { houseRules }] = [await surveyOf(inside, homeId), await theCompany(inside)];
  const holds = coatHoldsIn(version.protocol.rooms, survey, houseRules);
  const row = { id, homeId, versionId: version.id, personId: person.id, startedAt, holds };
  await store.addRound(inside, { ...row, finishedAt: null });
  await append(inside, {
    kind: 'round-started',
    factId: inside.newId(),
    at: startedAt.getTime(),
    home,
    person,
    row: { table: 'round', id },
    body: { roundId: id, version: version.number, holds },
  });
  return { ...row, finishedAt: null };
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
  const row = await within(context, async (inside) => {
    await turnToAppend(inside);
    const existing = await store.roundById(inside, id);
    return existing ? mine(existing, person) : begin(inside, { id, homeId }, person);
  });
  return asRow(context, row);
};

export const roundById = async (context: Context, id: string, person: Person): Promise<Round> => {
  const row = mine(await store.roundById(context, id), person);
  const [head, version, facts, home] = await Promise.all([
    asRow(context, row),
    versionById(context, row.versionId),
    factsOfRounds(context, [id]),
    homeById(context, row.homeId),
  ]);
  const [clientKeeps, holds] = [home?.clientKeeps ?? [], row.holds ?? {}];
  return { ...head, version, clientKeeps, holds, events: eventsOf(facts) };
};

/** Every surface of a round with its clock in it. */
const clocksIn = async (inside: Context, round: store.RoundRecord) => {
  const { protocol } = await versionById(inside, round.versionId);
  const states = await store.statesOfHome(inside, round.homeId);
  const stateOf = new Map(states.map(({ surfaceId, state }) => [surfaceId, state]));
  return surfacesOf(protocol).map(({ surface, roomName }) => ({
    surface,
    roomName,
    asked: askedIn(round, surface),
    clock: clockOfRound(stateOf.get(surface.id) ?? untouchedState, round.id),
  }));
};

/** Its clocks are not asked any more; what it left on the surfaces stays. */
const settle = async (inside: Context, { id, homeId }: store.RoundRecord): Promise<void> => {
  const states = await store.statesOfHome(inside, homeId);
  const own = states.filter(({ state }) => id in state.rounds);
  await store.keepStates(
    inside,
    own.map((kept) => ({ ...kept, state: withoutRound(kept.state, id) })),
  );
};

const finish = async (inside: Context, round: store.RoundRecord, person: Person): Promise<void> => {
  const { id } = round;
  const clocks = await clocksIn(inside, round);
  const wet = clocks.filter(({ clock }) => clock.wetSince !== null);
  if (wet.length > 0)
    throw problems.conflict('still-wet', {
      surfaces: wet.map(({ surface }) => surface.name).join(', '),
    });
  const named = clocks.flatMap(({ surface, roomName, clock, asked }) => {
    const came = cameOf(clock, asked);
    return came === null ? [] : [{ roomName, surfaceName: surface.name, came }];
  });
  const countOf = (came: Came) => named.filter((one) => one.came === came).length;
  const body = {
    roundId: id,
    done: clocks.filter(({ clock }) => clock.done && !clock.skipped).length,
    open: countOf('open') + countOf('skipped'),
    notMet: countOf('not-met'),
    notShown: countOf('not-shown'),
    named,
  };
  const now = inside.now();
  await store.finishRound(inside, id, new Date(Math.max(now, round.startedAt.getTime())));
  await settle(inside, round);
  await append(inside, {
    kind: 'round-finished',
    factId: inside.newId(),
    at: now,
    home: await homeById(inside, round.homeId),
    person,
    row: { table: 'round', id },
    body,
  });
};

/** Finishes a round, unless something in it is still wet. What was left undone is written down. */
export const finishRound = async (context: Context, id: string, person: Person): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const round = mine(await store.roundById(inside, id), person);
    if (!round.finishedAt) await finish(inside, round, person);
  });
  return null;
};
