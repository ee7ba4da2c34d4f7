import { IsNull, MoreThan } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { RoundEntity, type RoundRecord } from './tables.ts';

export type { RoundRecord };

export const roundById = ({ db }: Context, id: string): Promise<RoundRecord | null> =>
  db.getRepository(RoundEntity).findOneBy({ id });

/** A round, held for the rest of the transaction. */
export const holdRound = ({ db }: Context, id: string): Promise<RoundRecord | null> =>
  db.findOne(RoundEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export const openRounds = ({ db }: Context): Promise<RoundRecord[]> =>
  db
    .getRepository(RoundEntity)
    .find({ where: { finishedAt: IsNull() }, order: { startedAt: 'ASC' } });

/** Rounds of a home that are in hand or were finished after `since`. */
export const roundsOfHome = (
  { db }: Context,
  homeId: string,
  since: Date,
): Promise<RoundRecord[]> =>
  db.getRepository(RoundEntity).find({
    where: [
      { homeId, finishedAt: IsNull() },
      { homeId, finishedAt: MoreThan(since) },
    ],
  });

export const addRound = async ({ db }: Context, row: RoundRecord): Promise<void> =>
  void (await db.insert(RoundEntity, row));

export const finishRound = async ({ db }: Context, id: string, finishedAt: Date): Promise<void> =>
  void (await db.update(RoundEntity, { id }, { finishedAt }));

const findLast = prepared<{ homeId: string; at: Date }>(
  'last rounds',
  'SELECT home_id AS "homeId", max(started_at) AS at FROM round GROUP BY home_id',
);
/** When each home was last worked in. */
export const lastRoundByHome = async ({ db }: Context): Promise<Map<string, number>> =>
  new Map((await findLast(db, [])).map(({ homeId, at }) => [homeId, at.getTime()]));
