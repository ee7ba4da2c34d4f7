import type { Answer, Body, HomeDetail } from '@zymostat/contract';
import { justWashed, workingOrder, type Setting } from '@zymostat/core';
import { QueryFailedError, type EntitySchema, type ObjectLiteral } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import { HomeEntity, RoomEntity, SurfaceEntity, type HomeRow } from './entities.ts';

export type Survey = Pick<HomeDetail, 'id' | 'name' | 'place' | 'situations' | 'clientKeeps' | 'rooms'>;

/** One query for a home and all that is in it, put together by the database: the page asks for it at every change. */
export const SURVEY = `
  SELECT id, name, place, situations, client_keeps AS "clientKeeps", coalesce((
    SELECT json_agg(json_build_object('id', room.id, 'name', room.name, 'floorArea', floor_area, 'height', height, 'ventilation', ventilation, 'flame', flame, 'surfaces', coalesce((
      SELECT json_agg(json_build_object(
        'id', surface.id, 'name', surface.name, 'material', material, 'level', level, 'area', area, 'touched', touched, 'food', food,
        'setting', json_build_object('goal', goal, 'against', against, 'accepted', accepted, 'lifts', lifts,
          'use', CASE WHEN stock_id IS NOT NULL THEN json_build_object('stockId', stock_id, 'strength', strength) END)) ORDER BY surface.position)
      FROM surface WHERE room_id = room.id), '[]')) ORDER BY room.position)
    FROM room WHERE home_id = home.id), '[]') AS rooms
  FROM home`;

export const inWorkingOrder = (home: Survey): Survey => ({ ...home, rooms: home.rooms.map((room) => ({ ...room, surfaces: workingOrder(room.surfaces) })) });

/** A home with its rooms and surfaces, as it stands, surfaces in working order. */
export const surveyOf = async ({ db }: Context, homeId: string): Promise<Survey> => {
  const [home]: Survey[] = await db.query(`${SURVEY} WHERE id = $1`, [homeId]);
  if (!home) throw problems.notFound('that home');
  return inWorkingOrder(home);
};

export const allSurveys = async ({ db }: Context): Promise<Survey[]> => ((await db.query(`${SURVEY} ORDER BY position`)) as Survey[]).map(inWorkingOrder);

export const homeById = ({ db }: Context, id: string): Promise<HomeRow | null> => db.getRepository(HomeEntity).findOneBy({ id });
export const allHomes = ({ db }: Context): Promise<HomeRow[]> => db.getRepository(HomeEntity).find({ order: { position: 'ASC' } });

/** How many rooms and surfaces each home has. */
export const countsByHome = async ({ db }: Context): Promise<Map<string, { rooms: number; surfaces: number }>> => {
  const rows: { home_id: string; rooms: number; surfaces: number }[] = await db.query(
    'SELECT home_id, count(DISTINCT room.id)::int AS rooms, count(surface.id)::int AS surfaces FROM room LEFT JOIN surface ON room_id = room.id GROUP BY home_id',
  );
  return new Map(rows.map(({ home_id, rooms, surfaces }) => [home_id, { rooms, surfaces }]));
};

const add = async <Row extends ObjectLiteral & { id: string }>({ db }: Context, entity: EntitySchema<Row>, row: Row): Promise<{ id: string }> => {
  await db.getRepository(entity).insert(row as never);
  return { id: row.id };
};

const change = async <Row extends ObjectLiteral>({ db }: Context, entity: EntitySchema<Row>, id: string, to: Partial<Row>, what: string): Promise<null> => {
  const { affected } = await db.getRepository(entity).update({ id } as never, to as never);
  if (!affected) throw problems.notFound(what);
  return null;
};

const remove = async <Row extends ObjectLiteral>({ db }: Context, entity: EntitySchema<Row>, id: string, what: string): Promise<null> => {
  const { affected } = await db.getRepository(entity).delete({ id } as never);
  if (!affected) throw problems.notFound(what);
  return null;
};

export const addHome = (context: Context, home: Body<'addHome'>): Promise<Answer<'addHome'>> => add(context, HomeEntity, { id: context.newId(), ...home, clientKeeps: home.clientKeeps ?? [] });
export const editHome = (context: Context, id: string, home: Body<'editHome'>) => change(context, HomeEntity, id, home, 'that home');

export const addRoom = async (context: Context, homeId: string, room: Body<'addRoom'>): Promise<Answer<'addRoom'>> => {
  if (!(await homeById(context, homeId))) throw problems.notFound('that home');
  return add(context, RoomEntity, { id: context.newId(), homeId, ...room });
};
export const editRoom = (context: Context, id: string, room: Body<'editRoom'>) => change(context, RoomEntity, id, room, 'that room');
export const removeRoom = (context: Context, id: string) => remove(context, RoomEntity, id, 'that room');

export const addSurface = async (context: Context, roomId: string, surface: Body<'addSurface'>): Promise<Answer<'addSurface'>> => {
  if (!(await context.db.getRepository(RoomEntity).findOneBy({ id: roomId }))) throw problems.notFound('that room');
  const { goal, against } = justWashed;
  return add(context, SurfaceEntity, { id: context.newId(), roomId, ...surface, goal, against, stockId: null, strength: null, accepted: null });
};
export const editSurface = (context: Context, id: string, surface: Body<'editSurface'>) => change(context, SurfaceEntity, id, surface, 'that surface');
export const removeSurface = (context: Context, id: string) => remove(context, SurfaceEntity, id, 'that surface');

const settle = prepared<never>('setting', 'UPDATE surface SET goal = $2, against = $3, stock_id = $4, strength = $5, accepted = $6, lifts = $7 WHERE id = $1');

/** PostgreSQL's word for a reference to what is not there. */
const isStranger = (error: unknown): boolean => error instanceof QueryFailedError && (error.driverError as { code?: string }).code === '23503';

/** Keeps what was chosen, whatever it is worth: it is judged when it is approved. */
export const setSurface = async ({ db }: Context, id: string, { goal, against, use, accepted, lifts }: Setting): Promise<null> => {
  const [, changed] = (await settle(db, [id, goal, against, use?.stockId ?? null, use?.strength ?? null, accepted, lifts ?? false]).catch((error: unknown) => {
    throw isStranger(error) ? problems.notFound('that stock') : error;
  })) as unknown as [never[], number];
  if (!changed) throw problems.notFound('that surface');
  return null;
};

/** Several surfaces of one home, all or none. */
export const setMany = (context: Context, homeId: string, settings: { surfaceId: string; setting: Setting }[]): Promise<null> =>
  within(context, async (inside) => {
    const own = new Set((await surveyOf(inside, homeId)).rooms.flatMap((room) => room.surfaces.map(({ id }) => id)));
    const stranger = settings.find(({ surfaceId }) => !own.has(surfaceId));
    if (stranger) throw problems.notFound('that surface in this home');
    for (const { surfaceId, setting } of settings) await setSurface(inside, surfaceId, setting);
    return null;
  });

/** Adds rooms with their surfaces, all or none: a file that breaks off leaves nothing behind. */
export const importRooms = (context: Context, homeId: string, { rooms }: Body<'importRooms'>): Promise<null> =>
  within(context, async (inside) => {
    for (const { surfaces, ...room } of rooms) {
      const { id } = await addRoom(inside, homeId, room);
      for (const surface of surfaces) await addSurface(inside, id, surface);
    }
    return null;
  });
