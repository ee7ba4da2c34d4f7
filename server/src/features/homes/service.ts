import type { Answer, Body, HomeDetail } from '@zymostat/contract';
import { justWashed, workingOrder, type Setting } from '@zymostat/core';
import type { EntitySchema, ObjectLiteral } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { stockById } from '../bench/service.ts';
import { HomeEntity, RoomEntity, SurfaceEntity, type HomeRow } from './entities.ts';

type Survey = Pick<HomeDetail, 'id' | 'name' | 'place' | 'situations' | 'clientKeeps' | 'rooms'>;

/** One query for a home and all that is in it, put together by the database: the page asks for it at every change. */
const SURVEY = `
  SELECT id, name, place, situations, client_keeps AS "clientKeeps", coalesce((
    SELECT json_agg(json_build_object('id', room.id, 'name', room.name, 'floorArea', floor_area, 'height', height, 'ventilation', ventilation, 'flame', flame, 'surfaces', coalesce((
      SELECT json_agg(json_build_object(
        'id', surface.id, 'name', surface.name, 'material', material, 'level', level, 'area', area, 'touched', touched, 'food', food,
        'setting', json_build_object('goal', goal, 'against', against, 'accepted', accepted,
          'use', CASE WHEN stock_id IS NOT NULL THEN json_build_object('stockId', stock_id, 'strength', strength) END)) ORDER BY surface.position)
      FROM surface WHERE room_id = room.id), '[]')) ORDER BY room.position)
    FROM room WHERE home_id = home.id), '[]') AS rooms
  FROM home`;

const inOrder = (home: Survey): Survey => ({ ...home, rooms: home.rooms.map((room) => ({ ...room, surfaces: workingOrder(room.surfaces) })) });

/** A home with its rooms and surfaces, as it stands, surfaces in working order. */
export const surveyOf = async ({ db }: Context, homeId: string): Promise<Survey> => {
  const [home]: Survey[] = await db.query(`${SURVEY} WHERE id = $1`, [homeId]);
  if (!home) throw problems.notFound('that home');
  return inOrder(home);
};

export const allSurveys = async ({ db }: Context): Promise<Survey[]> => ((await db.query(`${SURVEY} ORDER BY position`)) as Survey[]).map(inOrder);

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

/** Keeps what was chosen, whatever it is worth: it is judged when it is approved. */
export const setSurface = async (context: Context, id: string, { goal, against, use, accepted }: Setting): Promise<null> => {
  if (use && !(await stockById(context, use.stockId))) throw problems.notFound('that stock');
  return change(context, SurfaceEntity, id, { goal, against, stockId: use?.stockId ?? null, strength: use?.strength ?? null, accepted }, 'that surface');
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
