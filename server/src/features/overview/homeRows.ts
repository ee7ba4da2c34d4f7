import type { Answer } from '@zymostat/contract';
import type { Context } from '../../context.ts';
import { allHomes, countsByHome } from '../homes/service.ts';
import { lastRoundByHome } from '../rounds/service.ts';

/** The list of homes: what is in each, its newest version and its last round. */
export const homeRows = async (context: Context): Promise<Answer<'homes'>> => {
  const [homes, counts, rounds] = await Promise.all([
    allHomes(context),
    countsByHome(context),
    lastRoundByHome(context),
  ]);
  const versions: { home_id: string; number: number }[] = await context.db.query(
    'SELECT home_id, max(number) AS number FROM protocol_version GROUP BY home_id',
  );
  const newest = new Map(versions.map(({ home_id, number }) => [home_id, number]));
  return homes.map(({ id, name, place, situations, clientKeeps }) => ({
    id,
    name,
    place,
    situations,
    clientKeeps,
    ...(counts.get(id) ?? { rooms: 0, surfaces: 0 }),
    version: newest.get(id) ?? null,
    lastRoundAt: rounds.get(id) ?? null,
  }));
};
