import { surfaceFieldNames, type HomeDetail } from '@zymostat/contract';
import { workingOrder, type Setting } from '@zymostat/core';
import type { EntitySchema, ObjectLiteral } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { isStranger } from '../../platform/database/failures.ts';
import { prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { problems } from '../../platform/http/problems.ts';
import {
  columnOf,
  HomeEntity,
  RoomEntity,
  SurfaceEntity,
  type HomeRow,
  type RoomRow,
  type SurfaceRow,
} from './tables.ts';

export { HomeEntity, RoomEntity, SurfaceEntity, type HomeRow, type SurfaceRow };

export type Survey = Pick<
  HomeDetail,
  'id' | 'name' | 'place' | 'situations' | 'clientKeeps' | 'revision' | 'rooms'
>;

const surfacePairs = surfaceFieldNames.map((field) => `'${field}', ${columnOf(field)}`).join(', ');

/**
 * A home with all that is in it as one JSON, put together by the database: the page asks for it at
 * every change.
 */
export const surveyView: View = {
  name: 'survey',
  select: `SELECT id, position, name, place, situations, client_keeps AS "clientKeeps", revision, coalesce((
    SELECT json_agg(json_build_object('id', room.id, 'name', room.name, 'floorArea', floor_area, 'height', height, 'ventilation', ventilation, 'flame', flame, 'drying', drying, 'surfaces', coalesce((
      SELECT json_agg(json_build_object('id', surface.id, ${surfacePairs},
        'setting', json_build_object('goal', goal, 'against', against, 'accepted', accepted, 'lifts', lifts, 'growth', growth, 'loosening', loosening,
          'use', CASE WHEN stock_id IS NOT NULL THEN json_build_object('stockId', stock_id, 'strength', strength) END)) ORDER BY surface.position)
      FROM surface WHERE room_id = room.id), '[]')) ORDER BY room.position)
    FROM room WHERE home_id = home.id), '[]') AS rooms
  FROM home`,
};
/** What of a home bears on a round in it. */
export const homeHeadView: View = {
  name: 'home_head',
  select: 'SELECT id, name, place, client_keeps FROM home',
};
const SURVEY = 'SELECT id, name, place, situations, "clientKeeps", revision, rooms FROM survey';

export const inWorkingOrder = (home: Survey): Survey => ({
  ...home,
  rooms: home.rooms.map((room) => ({ ...room, surfaces: workingOrder(room.surfaces) })),
});

const findSurvey = prepared<Survey>('survey', `${SURVEY} WHERE id = $1`);
const findSurveys = prepared<Survey>(
  'surveys',
  `${SURVEY} WHERE id NOT IN (SELECT id FROM home WHERE archived_at IS NOT NULL) ORDER BY position`,
);

/** A home with its rooms and surfaces, as it stands, surfaces in working order. */
export const surveyOf = async ({ db }: Context, homeId: string): Promise<Survey> => {
  const [home] = await findSurvey(db, [homeId]);
  if (!home) throw problems.notFound('home');
  return inWorkingOrder(home);
};

/** Every home that is worked in. */
export const allSurveys = async ({ db }: Context): Promise<Survey[]> =>
  (await findSurveys(db, [])).map(inWorkingOrder);

export const homeById = ({ db }: Context, id: string): Promise<HomeRow | null> =>
  db.getRepository(HomeEntity).findOneBy({ id });
export const allHomes = ({ db }: Context): Promise<HomeRow[]> =>
  db.getRepository(HomeEntity).find({ order: { position: 'ASC' } });

interface Counts {
  home_id: string;
  rooms: number;
  surfaces: number;
}
const findCounts = prepared<Counts>(
  'counts of homes',
  'SELECT home_id, count(DISTINCT room.id)::int AS rooms, count(surface.id)::int AS surfaces FROM room LEFT JOIN surface ON room_id = room.id GROUP BY home_id',
);
/** How many rooms and surfaces each home has. */
export const countsByHome = async ({
  db,
}: Context): Promise<Map<string, Pick<Counts, 'rooms' | 'surfaces'>>> =>
  new Map(
    (await findCounts(db, [])).map(({ home_id, rooms, surfaces }) => [
      home_id,
      { rooms, surfaces },
    ]),
  );

export const roomById = async ({ db }: Context, id: string): Promise<RoomRow> => {
  const room = await db.getRepository(RoomEntity).findOneBy({ id });
  if (!room) throw problems.notFound('room');
  return room;
};

/** A surface and the home it is in. */
export const surfaceById = async (
  context: Context,
  id: string,
): Promise<SurfaceRow & { homeId: string }> => {
  const surface = await context.db.getRepository(SurfaceEntity).findOneBy({ id });
  if (!surface) throw problems.notFound('surface');
  return { ...surface, homeId: (await roomById(context, surface.roomId)).homeId };
};

export type { RoomRow } from './tables.ts';
export type Part = ObjectLiteral & { id: string; name: string };
export type Table<Row extends Part> = EntitySchema<Row>;

export const partById = <Row extends Part>(
  { db }: Context,
  entity: Table<Row>,
  id: string,
): Promise<Row> => db.getRepository(entity).findOneByOrFail({ id } as never);

export const addPart = async <Row extends Part>(
  { db }: Context,
  entity: Table<Row>,
  row: Row,
): Promise<{ id: string }> => {
  await db.getRepository(entity).insert(row);
  return { id: row.id };
};

/** Several rows of a kind at once, in their order. */
export const addParts = async <Row extends Part>(
  { db }: Context,
  entity: Table<Row>,
  rows: Row[],
): Promise<void> => void (rows.length > 0 && (await db.getRepository(entity).insert(rows)));

/** Whether there was such a row to be changed. */
export const changePart = async <Row extends Part>(
  { db }: Context,
  entity: Table<Row>,
  id: string,
  to: Partial<Row>,
): Promise<boolean> => {
  const { affected } = await db.getRepository(entity).update({ id } as never, to);
  return (affected ?? 0) > 0;
};

export const removePart = async <Row extends Part>(
  { db }: Context,
  entity: Table<Row>,
  id: string,
): Promise<void> => void (await db.getRepository(entity).delete({ id } as never));

const settle = prepared<never>(
  'setting',
  'UPDATE surface SET goal = $2, against = $3, stock_id = $4, strength = $5, accepted = $6, lifts = $7, growth = $8, loosening = $9 WHERE id = $1',
);

export const settled = async (
  { db }: Context,
  id: string,
  { goal, against, use, accepted, lifts, growth, loosening }: Setting,
): Promise<void> => {
  const { stockId = null, strength = null } = use ?? {};
  const besides = [lifts ?? false, growth ?? null, loosening ? JSON.stringify(loosening) : null];
  const values = [id, goal, against, stockId, strength, accepted, ...besides];
  await settle(db, values).catch((error: unknown) => {
    throw isStranger(error) ? problems.notFound('stock') : error;
  });
};
