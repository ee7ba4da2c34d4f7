import type { Context } from '../../platform/context.ts';
import { VisitEntity, type VisitRecord } from './tables.ts';

export type { VisitRecord } from './tables.ts';

/** The plan of a home that was given out last; none before the first. */
export const newestVisit = ({ db }: Context, homeId: string): Promise<VisitRecord | null> =>
  db.findOne(VisitEntity, { where: { homeId }, order: { givenAt: 'DESC', sequence: 'DESC' } });
export const visitById = ({ db }: Context, id: string): Promise<VisitRecord | null> =>
  db.findOneBy(VisitEntity, { id });
export const addVisit = async ({ db }: Context, visit: VisitRecord): Promise<void> =>
  void (await db.insert(VisitEntity, visit as never));
