import type { RoundRow } from '@zymostat/contract';
import { coatHoldsIn } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById, surveyOf } from '../homes/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { newestVersion } from '../protocols/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { asRow, seenBy } from './service.ts';
import * as store from './store.ts';

/** More than these at once nobody has in hand: what is left lying is finished first. */
const MOST_OPEN = 20;

const begin = async (
  inside: Context,
  { id, homeId }: { id: string; homeId: string },
  person: Person,
): Promise<void> => {
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
  { id, homeId }: { id: string; homeId: string },
  person: Person,
): Promise<RoundRow> => {
  const row = await within(context, async (inside) => {
    await turnToAppend(inside);
    const known = await store.roundById(inside, id);
    if (known?.finishedAt) return seenBy(known, person);
    const underWay = known ?? (await store.openRoundAt(inside, homeId));
    if (underWay) await join(inside, underWay, person);
    else await begin(inside, { id, homeId }, person);
    return (await store.roundById(inside, underWay?.id ?? id))!;
  });
  return asRow(context, row, person);
};
