import type { CoatHolds, ProductId } from '@zymostat/core';
import { USUAL_OF } from '@zymostat/core';
import { IsNull } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { RoundEntity, type RoundRecord } from './tables.ts';

export type { RoundRecord };

/** What is proved of each row: docs/decisions.md says why these columns. */
export const roundProof: View = {
  name: 'round_proof',
  // Rounds of before holds were kept are spoken of without them.
  select: `SELECT id, (jsonb_build_array(id, home_id, version_id, person_id, (extract(epoch FROM started_at) * 1000000)::bigint, (extract(epoch FROM finished_at) * 1000000)::bigint)
    || CASE WHEN holds IS NULL THEN '[]'::jsonb ELSE jsonb_build_array(holds) END)::text AS text FROM round`,
};

/**
 * A round with who works in it, whoever began it first, and what of its home bears on what is done
 * there.
 */
export type RoundAtHome = RoundRecord & {
  homeName: string;
  place: string;
  clientKeeps: ProductId[];
  people: string[];
};
const AT_HOME = `SELECT round.id, home_id AS "homeId", version_id AS "versionId", person_id AS "personId", started_at AS "startedAt", finished_at AS "finishedAt", holds,
    home_head.name AS "homeName", home_head.place, home_head.client_keeps AS "clientKeeps",
    (SELECT array_agg(p.person_id ORDER BY p.person_id <> round.person_id, p.joined_at, p.person_id) FROM round_person p WHERE p.round_id = round.id) AS people
  FROM round JOIN home_head ON home_head.id = home_id`;
const findAtHome = prepared<RoundAtHome>(
  'rounds at home',
  `${AT_HOME} WHERE round.id = ANY ($1::uuid[])`,
);
export const roundsAtHome = ({ db }: Context, ids: readonly string[]): Promise<RoundAtHome[]> =>
  findAtHome(db, [ids]);

export const roundById = async (context: Context, id: string): Promise<RoundAtHome | undefined> =>
  (await roundsAtHome(context, [id]))[0];

const findOpen = prepared<RoundAtHome>(
  'open rounds',
  `${AT_HOME} WHERE finished_at IS NULL ORDER BY started_at`,
);
export const openRounds = ({ db }: Context): Promise<RoundAtHome[]> => findOpen(db, []);

const findSince = prepared<RoundAtHome>(
  'rounds since',
  `${AT_HOME} WHERE finished_at IS NULL OR finished_at >= $1 ORDER BY finished_at IS NOT NULL, started_at`,
);
/** Rounds in hand, and those that were finished since. */
export const roundsSince = ({ db }: Context, from: Date): Promise<RoundAtHome[]> =>
  findSince(db, [from]);

const findLengths = prepared<{ homeId: string; seconds: number }>(
  'lengths of rounds',
  `SELECT home_id AS "homeId", extract(epoch FROM finished_at - started_at)::float8 AS seconds
  FROM unnest($1::uuid[]) AS asked (id), LATERAL (
    SELECT * FROM round WHERE home_id = asked.id AND finished_at IS NOT NULL ORDER BY started_at DESC LIMIT $2) AS last`,
);
/** How long the last rounds of each home took, s, newest first. */
export const lengthsOf = async (
  { db }: Context,
  homeIds: readonly string[],
): Promise<Map<string, number[]>> => {
  const found = new Map<string, number[]>(homeIds.map((id) => [id, []]));
  for (const { homeId, seconds } of await findLengths(db, [homeIds, USUAL_OF]))
    found.get(homeId)?.push(seconds);
  return found;
};

const findOpenAt = prepared<RoundAtHome>(
  'open round at home',
  `${AT_HOME} WHERE finished_at IS NULL AND home_id = $1 ORDER BY started_at DESC LIMIT 1`,
);
/** The round that is under way in a home. */
export const openRoundAt = async (
  { db }: Context,
  homeId: string,
): Promise<RoundAtHome | undefined> => (await findOpenAt(db, [homeId]))[0];

const join = prepared<never>(
  'join round',
  'INSERT INTO round_person (round_id, person_id, joined_at) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING',
);
export const joinRound = async (
  { db }: Context,
  roundId: string,
  { id, at }: { id: string; at: Date },
): Promise<void> => void (await join(db, [roundId, id, at]));

export const countOfOpen = ({ db }: Context, personId: string): Promise<number> =>
  db.countBy(RoundEntity, { personId, finishedAt: IsNull() });

export const addRound = async ({ db }: Context, row: RoundRecord): Promise<void> =>
  void (await db.insert(RoundEntity, row));

export const finishRound = async ({ db }: Context, id: string, finishedAt: Date): Promise<void> =>
  void (await db.update(RoundEntity, { id }, { finishedAt }));

/** For how long coats hold in a round from now on, s. */
export const setHolds = async ({ db }: Context, id: string, holds: CoatHolds): Promise<void> =>
  void (await db.update(RoundEntity, { id }, { holds }));

const findLast = prepared<{ homeId: string; at: Date }>(
  'last rounds',
  'SELECT home_id AS "homeId", max(started_at) AS at FROM round GROUP BY home_id',
);
/** When each home was last worked in. */
export const lastRoundByHome = async ({ db }: Context): Promise<Map<string, number>> =>
  new Map((await findLast(db, [])).map(({ homeId, at }) => [homeId, at.getTime()]));

const findAny = prepared<{ any: boolean }>('any round', 'SELECT EXISTS (SELECT FROM round) AS any');
/** Whether a round was ever begun. */
export const isAnyRound = async ({ db }: Context): Promise<boolean> =>
  (await findAny(db, []))[0]!.any;

const findFinished = prepared<{ at: Date | null }>(
  'last finished',
  'SELECT max(finished_at) AS at FROM round WHERE home_id = $1',
);
/** When the last round of a home was over. */
export const lastFinished = async ({ db }: Context, homeId: string): Promise<Date | null> =>
  (await findFinished(db, [homeId]))[0]!.at;

export type RoundPlace = Pick<RoundRecord, 'id' | 'homeId' | 'versionId' | 'holds'>;
const findLastOf = prepared<RoundPlace>(
  'last rounds of home',
  'SELECT id, home_id AS "homeId", version_id AS "versionId", holds FROM round WHERE home_id = $1 ORDER BY started_at DESC LIMIT $2',
);
/** The last rounds of a home, newest first. */
export const lastRoundsOf = (
  { db }: Context,
  homeId: string,
  most: number,
): Promise<RoundPlace[]> => findLastOf(db, [homeId, most]);

const findRounds = prepared<RoundPlace>(
  'all rounds',
  'SELECT id, home_id AS "homeId", version_id AS "versionId", holds FROM round',
);
/** Where and by what each round was. */
export const allRounds = async ({ db }: Pick<Context, 'db'>) =>
  new Map((await findRounds(db, [])).map((round) => [round.id, round]));
