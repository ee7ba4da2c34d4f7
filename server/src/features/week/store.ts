import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import {
  HoursEntity,
  RoadEntity,
  WeekEntity,
  type HoursRecord,
  type RoadRecord,
  type WeekRecord,
} from './tables.ts';

export type { HoursRecord, RoadRecord, WeekRecord } from './tables.ts';

export const weekOf = ({ db }: Context, monday: string): Promise<WeekRecord | null> =>
  db.findOneBy(WeekEntity, { monday });
export const keepWeek = async ({ db }: Context, week: WeekRecord): Promise<void> =>
  void (await db.upsert(WeekEntity, week as never, ['monday']));

export const allHours = ({ db }: Context): Promise<HoursRecord[]> => db.find(HoursEntity);
export const hoursOf = ({ db }: Context, personId: string): Promise<HoursRecord | null> =>
  db.findOneBy(HoursEntity, { personId });
export const keepHours = async ({ db }: Context, hours: HoursRecord): Promise<void> =>
  void (await db.upsert(HoursEntity, hours as never, ['personId']));

export const allRoads = ({ db }: Context): Promise<RoadRecord[]> => db.find(RoadEntity);
export const keepRoads = async ({ db }: Context, roads: readonly RoadRecord[]): Promise<void> =>
  void (await db.upsert(RoadEntity, roads as never, ['a', 'b']));

interface Known {
  homeId: string;
  personId: string;
}
const findKnown = prepared<Known>(
  'who has worked where',
  'SELECT DISTINCT home_id AS "homeId", p.person_id AS "personId" FROM round JOIN round_person p ON p.round_id = round.id',
);
/** Who has worked in which home. */
export const whoKnows = ({ db }: Context): Promise<Known[]> => findKnown(db, []);
