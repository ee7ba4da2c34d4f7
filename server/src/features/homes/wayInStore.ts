import { wayInLines, type Answer, type WayIn } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { WayInEntity } from './tables.ts';

const nothing = Object.fromEntries(wayInLines.map((line) => [line, null])) as WayIn;

export const wayInOf = async ({ db }: Context, homeId: string): Promise<WayIn> => {
  const found = await db.getRepository(WayInEntity).findOneBy({ homeId });
  if (!found) return nothing;
  const { homeId: _, ...wayIn } = found;
  return wayIn;
};

export const keepWayIn = async ({ db }: Context, homeId: string, wayIn: WayIn): Promise<void> =>
  void (await db.getRepository(WayInEntity).upsert({ homeId, ...wayIn }, ['homeId']));

const note = prepared<never>(
  'note way in before',
  'INSERT INTO home_way_in_before (home_id, at, person_id, written) VALUES ($1, $2, $3, $4)',
);
/** Keeps how it was written until somebody wrote it anew. */
export const noteWayInBefore = async (
  { db }: Context,
  { homeId, at, personId }: { homeId: string; at: Date; personId: string },
  written: WayIn,
): Promise<void> => void (await note(db, [homeId, at, personId, JSON.stringify(written)]));

const findBefore = prepared<{ at: number; by: string; written: WayIn }>(
  'way in before',
  `SELECT (extract(epoch FROM at) * 1000)::float8 AS at, person_name.name AS by, written
  FROM home_way_in_before JOIN person_name ON person_name.id = person_id
  WHERE home_id = $1 ORDER BY home_way_in_before.id DESC LIMIT 50`,
);
/** How it was written before, and who changed that when; the last first. */
export const wayInBefore = async (
  { db }: Context,
  homeId: string,
): Promise<Answer<'wayInBefore'>> =>
  (await findBefore(db, [homeId])).map(({ at, by, written }) => ({
    ...nothing,
    ...written,
    at,
    by,
  }));
