import type { Body, RoundAhead, RoundRow, Version } from '@zymostat/contract';
import { coatHoldsIn } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById, surveyOf } from '../homes/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { newestVersion, versionById } from '../protocols/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { asRow } from './asRow.ts';
import { seenBy } from './service.ts';
import * as store from './store.ts';
import { tookOf } from './tookOf.ts';

/** More than these at once nobody has in hand: what is left lying is finished first. */
const MOST_OPEN = 20;

type Begun = Body<'startRound'>;

/** The version that a round is worked by: the one that the phone had, or the newest. */
const versionFor = async (inside: Context, { homeId, begun }: Begun): Promise<Version> => {
  const home = await homeById(inside, homeId);
  if (!home) throw problems.notFound('home');
  if (home.archivedAt) throw problems.conflict('home-archived', { home: home.name });
  const versionId = begun?.versionId ?? (await newestVersion(inside, homeId))?.id;
  if (!versionId) throw problems.conflict('no-protocol', { home: home.name });
  const version = await versionById(inside, versionId);
  if (version.homeId !== homeId) throw problems.notFound('version');
  return version;
};

/** For how long coats hold on the surfaces of a version, by the survey as it stands. */
export const holdsOf = async (context: Context, { homeId, protocol }: Version) => {
  const [survey, { houseRules }] = [await surveyOf(context, homeId), await theCompany(context)];
  return coatHoldsIn(protocol.rooms, survey, houseRules, new Map());
};

/** When it was begun: not after now, and not before the last round of the home was over. */
const startOf = async (inside: Context, { homeId, begun }: Begun): Promise<Date> => {
  const now = inside.now();
  const before = await store.lastFinished(inside, homeId);
  return new Date(Math.max(before?.getTime() ?? 0, Math.min(begun?.at ?? now, now)));
};

const begin = async (inside: Context, begun: Begun, person: Person): Promise<void> => {
  const { id, homeId } = begun;
  const version = await versionFor(inside, begun);
  const home = await homeById(inside, homeId);
  if ((await store.countOfOpen(inside, person.id)) >= MOST_OPEN)
    throw problems.conflict('too-many-open', { most: MOST_OPEN });
  const startedAt = await startOf(inside, begun);
  const holds = await holdsOf(inside, version);
  const row = { id, homeId, versionId: version.id, personId: person.id, startedAt, holds };
  await store.addRound(inside, { ...row, finishedAt: null });
  await store.joinRound(inside, id, { id: person.id, at: startedAt });
  await append(inside, {
    kind: 'round-started',
    factId: inside.newId(),
    at: startedAt.getTime(),
    home,
    person,
    row: { table: 'round', id },
    body: { roundId: id, version: version.number, holds },
  });
};

/** Joins a round that somebody else has begun. */
const join = async (
  inside: Context,
  { id, homeId, homeName, people }: store.RoundAtHome,
  person: Person,
): Promise<void> => {
  if (people.includes(person.id)) return;
  const at = inside.now();
  await store.joinRound(inside, id, { id: person.id, at: new Date(at) });
  await append(inside, {
    kind: 'round-joined',
    factId: inside.newId(),
    at,
    home: { id: homeId, name: homeName },
    person,
    body: { roundId: id },
  });
};

/**
 * Starts a round by the newest approved version, or joins the one that is under way in that home:
 * there is one at a time. The phone gives the id, so a repeated start is the same round.
 */
export const startRound = async (
  context: Context,
  begun: Begun,
  person: Person,
): Promise<RoundRow> => {
  const { id, homeId } = begun;
  const row = await within(context, async (inside) => {
    await turnToAppend(inside);
    const known = await store.roundById(inside, id);
    if (known?.finishedAt) return seenBy(known, person);
    const underWay = known ?? (await store.openRoundAt(inside, homeId));
    if (underWay) await join(inside, underWay, person);
    else await begin(inside, begun, person);
    return (await store.roundById(inside, underWay?.id ?? id))!;
  });
  return asRow(context, row, person);
};

/** What a round of a home would be, so that a phone can begin it without signal. */
export const roundAhead = async (context: Context, homeId: string): Promise<RoundAhead> => {
  const version = await versionFor(context, { id: homeId, homeId });
  const { name: homeName, place, clientKeeps } = (await homeById(context, homeId))!;
  return {
    homeId,
    homeName,
    place,
    version,
    clientKeeps,
    holds: await holdsOf(context, version),
    took: await tookOf(context, homeId),
  };
};
