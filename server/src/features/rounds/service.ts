import type { Round, RoundRow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { wayInOf } from '../homes/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { factsOfRounds } from '../records/service.ts';
import { airsOf } from './airs.ts';
import { asRow } from './asRow.ts';
import { eventsOf } from './events.ts';
import * as store from './store.ts';

export { isAnyState } from './stateStore.ts';
export { isAnyRound, lastRoundByHome } from './store.ts';
export { learntOfHome } from './drying.ts';
export { roundsSince } from './today.ts';

/** Every round in hand: one's own to go on with, others' to join. */
export const openRounds = async (context: Context, person: Person): Promise<RoundRow[]> =>
  Promise.all((await store.openRounds(context)).map((row) => asRow(context, row, person)));

/** A round that this person may see: a supervisor any, a cleaner those in hand and their own. */
export const seenBy = (row: store.RoundAtHome | undefined, person: Person): store.RoundAtHome => {
  const sees =
    row && (person.role === 'supervisor' || !row.finishedAt || row.people.includes(person.id));
  if (!sees) throw problems.notFound('round');
  return row;
};

/** A round that this person works in: who only looks on acts in none. */
export const workedBy = (row: store.RoundAtHome | undefined, person: Person): store.RoundAtHome => {
  const round = seenBy(row, person);
  if (!round.people.includes(person.id)) throw problems.conflict('not-joined');
  return round;
};

/** Whether somebody is on a round in that home now. */
export const worksThere = async (
  context: Context,
  homeId: string,
  personId: string,
): Promise<boolean> =>
  (await store.openRounds(context)).some(
    (round) => round.homeId === homeId && round.people.includes(personId),
  );

/** A round that this person may see, by its id. */
export const seenRound = async (
  context: Context,
  id: string,
  person: Person,
): Promise<store.RoundAtHome> => seenBy(await store.roundById(context, id), person);

/** A round in hand that this person works in, by its id. */
export const workedRound = async (
  context: Context,
  id: string,
  person: Person,
): Promise<store.RoundAtHome> => {
  const round = workedBy(await store.roundById(context, id), person);
  if (round.finishedAt) throw problems.conflict('round-finished');
  return round;
};

export const roundById = async (context: Context, id: string, person: Person): Promise<Round> => {
  const row = seenBy(await store.roundById(context, id), person);
  const head = await asRow(context, row, person);
  // Keys and doors are for who works there, while they do.
  const getsIn = head.joined && head.finishedAt === null;
  const [version, facts, names, wayIn] = await Promise.all([
    versionById(context, row.versionId),
    factsOfRounds(context, [id]),
    personNames(context),
    getsIn ? wayInOf(context, row.homeId) : null,
  ]);
  return {
    ...head,
    version,
    clientKeeps: row.clientKeeps,
    holds: row.holds ?? {},
    airs: airsOf(facts),
    wayIn,
    events: eventsOf(facts, names),
  };
};
