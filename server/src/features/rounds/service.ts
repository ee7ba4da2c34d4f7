import type { Round, RoundRow } from '@zymostat/contract';
import { outcomeOf } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById } from '../homes/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { newestVersion, versionById } from '../protocols/service.ts';
import { append, factsOfRounds } from '../records/service.ts';
import { clocksOf, eventsOf } from './events.ts';
import * as store from './store.ts';

export { lastRoundByHome } from './store.ts';

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
export const mine = (row: store.RoundRecord | null, person: Person): store.RoundRecord => {
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
  const { now, newId } = context;
  const existing = await store.roundById(context, id);
  if (existing) return asRow(context, mine(existing, person));
  const [home, version] = await Promise.all([
    homeById(context, homeId),
    newestVersion(context, homeId),
  ]);
  if (!home) throw problems.notFound('home');
  if (!version) throw problems.conflict('no-protocol', { home: home.name });
  const row: store.RoundRecord = {
    id,
    homeId,
    versionId: version.id,
    personId: person.id,
    startedAt: new Date(now()),
    finishedAt: null,
  };
  await within(context, async (inside) => {
    await store.addRound(inside, row);
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
  const row = mine(await store.roundById(context, id), person);
  const [head, version, facts, home] = await Promise.all([
    asRow(context, row),
    versionById(context, row.versionId),
    factsOfRounds(context, [id]),
    homeById(context, row.homeId),
  ]);
  return { ...head, version, clientKeeps: home?.clientKeeps ?? [], events: eventsOf(facts) };
};

/** Finishes a round, unless something in it is still wet. What was left undone is written down. */
export const finishRound = async (context: Context, id: string, person: Person): Promise<null> => {
  const { now, newId } = context;
  await within(context, async (inside) => {
    const round = mine(await store.holdRound(inside, id), person);
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
    const finishedAt = new Date(Math.max(now(), round.startedAt.getTime()));
    await store.finishRound(inside, id, finishedAt);
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
