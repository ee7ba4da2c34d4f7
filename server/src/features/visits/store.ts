import type { Context } from '../../platform/context.ts';
import { IsNull } from 'typeorm';
import { VisitEntity, type VisitRecord } from './tables.ts';

export type { VisitRecord } from './tables.ts';

const newest = { givenAt: 'DESC', sequence: 'DESC' } as const;

/** The plan of a home that was given out last; none before the first. */
export const newestVisit = ({ db }: Context, homeId: string): Promise<VisitRecord | null> =>
  db.findOne(VisitEntity, { where: { homeId, roundId: IsNull() }, order: newest });
/** What was planned anew last in a round. */
export const newestInRound = ({ db }: Context, roundId: string): Promise<VisitRecord | null> =>
  db.findOne(VisitEntity, { where: { roundId }, order: newest });
export const visitById = ({ db }: Context, id: string): Promise<VisitRecord | null> =>
  db.findOneBy(VisitEntity, { id });
export const addVisit = async ({ db }: Context, visit: VisitRecord): Promise<void> =>
  void (await db.insert(VisitEntity, visit as never));
