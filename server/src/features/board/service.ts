import type { Answer } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { allHomes, countsByHome } from '../homes/service.ts';
import { newestNumbers } from '../protocols/service.ts';
import { heldUpSince } from '../records/service.ts';
import type { Person } from '../people/service.ts';
import { lastRoundByHome, roundsSince } from '../rounds/service.ts';

/** The day so far: rounds in hand and finished, and what was held up. */
export const boardSince = async (
  context: Context,
  from: number,
  person: Person,
): Promise<Answer<'board'>> => ({
  rounds: await roundsSince(context, from, person),
  heldUp: await heldUpSince(context, from),
});

/** The list of homes: what is in each, its newest version and its last round. */
export const homeRows = async (context: Context): Promise<Answer<'homes'>> => {
  const [homes, counts, rounds, newest] = await Promise.all([
    allHomes(context),
    countsByHome(context),
    lastRoundByHome(context),
    newestNumbers(context),
  ]);
  return homes.map(({ id, name, place, situations, clientKeeps, archivedAt }) => ({
    id,
    name,
    place,
    situations,
    clientKeeps,
    ...(counts.get(id) ?? { rooms: 0, surfaces: 0 }),
    version: newest.get(id) ?? null,
    lastRoundAt: rounds.get(id) ?? null,
    archivedAt: archivedAt?.getTime() ?? null,
  }));
};
