import type { Answer, Body, HomeDetail, Revised } from '@zymostat/contract';
import { justWashed, workingOrder, type Setting } from '@zymostat/core';
import { QueryFailedError, type EntitySchema, type ObjectLiteral } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import type { Person } from '../people/service.ts';
import { changing, differing, UNSEEN, type Change, type Doer } from './changes.ts';
import {
  HomeEntity,
  RoomEntity,
  SurfaceEntity,
  type HomeRow,
  type RoomRow,
  type SurfaceRow,
} from './entities.ts';

export type Survey = Pick<
  HomeDetail,
  'id' | 'name' | 'place' | 'situations' | 'clientKeeps' | 'revision' | 'rooms'
>;

/**
 * One query for a home and all that is in it, put together by the database: the page asks for it at
 * every change.
 */
export const SURVEY = `
  SELECT id, name, place, situations, client_keeps AS "clientKeeps", revision, coalesce((
    SELECT json_agg(json_build_object('id', room.id, 'name', room.name, 'floorArea', floor_area, 'height', height, 'ventilation', ventilation, 'flame', flame, 'surfaces', coalesce((
      SELECT json_agg(json_build_object(
        'id', surface.id, 'name', surface.name, 'material', material, 'level', level, 'area', area, 'touched', touched, 'food', food,
        'setting', json_build_object('goal', goal, 'against', against, 'accepted', accepted, 'lifts', lifts, 'growth', growth,
          'use', CASE WHEN stock_id IS NOT NULL THEN json_build_object('stockId', stock_id, 'strength', strength) END)) ORDER BY surface.position)
      FROM surface WHERE room_id = room.id), '[]')) ORDER BY room.position)
    FROM room WHERE home_id = home.id), '[]') AS rooms
  FROM home`;

export const inWorkingOrder = (home: Survey): Survey => ({
  ...home,
  rooms: home.rooms.map((room) => ({ ...room, surfaces: workingOrder(room.surfaces) })),
});

/** A home with its rooms and surfaces, as it stands, surfaces in working order. */
export const surveyOf = async ({ db }: Context, homeId: string): Promise<Survey> => {
  const [home]: Survey[] = await db.query(`${SURVEY} WHERE id = $1`, [homeId]);
  if (!home) throw problems.notFound('home');
  return inWorkingOrder(home);
};

export const allSurveys = async ({ db }: Context): Promise<Survey[]> =>
  ((await db.query(`${SURVEY} ORDER BY position`)) as Survey[]).map(inWorkingOrder);

export const homeById = ({ db }: Context, id: string): Promise<HomeRow | null> =>
  db.getRepository(HomeEntity).findOneBy({ id });
export const allHomes = ({ db }: Context): Promise<HomeRow[]> =>
  db.getRepository(HomeEntity).find({ order: { position: 'ASC' } });

/** How many rooms and surfaces each home has. */
export const countsByHome = async ({
  db,
}: Context): Promise<Map<string, { rooms: number; surfaces: number }>> => {
  const rows: { home_id: string; rooms: number; surfaces: number }[] = await db.query(
    'SELECT home_id, count(DISTINCT room.id)::int AS rooms, count(surface.id)::int AS surfaces FROM room LEFT JOIN surface ON room_id = room.id GROUP BY home_id',
  );
  return new Map(rows.map(({ home_id, rooms, surfaces }) => [home_id, { rooms, surfaces }]));
};

const add = async <Row extends ObjectLiteral & { id: string }>(
  { db }: Context,
  entity: EntitySchema<Row>,
  row: Row,
): Promise<{ id: string }> => {
  await db.getRepository(entity).insert(row);
  return { id: row.id };
};

/** Changes fields of one row, unless somebody else has changed the same row since it was seen. */
const change = async <Row extends ObjectLiteral & { name: string }>(
  context: Context,
  { entity, id, to }: { entity: EntitySchema<Row>; id: string; to: Partial<Row> },
  of: Omit<Change, 'subjects'>,
  as: Doer,
): Promise<Revised> => {
  const before = await context.db.getRepository(entity).findOneByOrFail({ id } as never);
  return changing(context, { ...of, subjects: [{ id, name: before.name }] }, as, async ({ db }) => {
    const { affected } = await db.getRepository(entity).update({ id } as never, to);
    if (!affected)
      throw problems.notFound(of.what === 'room' || of.what === 'surface' ? of.what : 'home');
    return differing(before, to);
  });
};

const remove = <Row extends ObjectLiteral & { name: string }>(
  context: Context,
  entity: EntitySchema<Row>,
  { id, name, homeId }: { id: string; name: string; homeId: string },
  as: Doer,
): Promise<Revised> =>
  changing(context, { homeId, subjects: [{ id, name }], what: 'removed' }, as, async ({ db }) => {
    await db.getRepository(entity).delete({ id } as never);
    return ['removed'];
  });

const added = async (
  context: Context,
  { id, name, homeId }: { id: string; name: string; homeId: string },
  person: Person,
  work: (inside: Context) => Promise<unknown>,
): Promise<{ id: string }> => {
  await changing(
    context,
    { homeId, subjects: [{ id, name }], what: 'added' },
    { person, seen: UNSEEN },
    async (inside) => {
      await work(inside);
      return ['added'];
    },
  );
  return { id };
};

export const addHome = (context: Context, home: Body<'addHome'>): Promise<Answer<'addHome'>> =>
  add(context, HomeEntity, { id: context.newId(), ...home, clientKeeps: home.clientKeeps ?? [] });
export const editHome = async (
  context: Context,
  id: string,
  home: Body<'editHome'>,
  as: Doer,
): Promise<Revised> => {
  if (!(await homeById(context, id))) throw problems.notFound('home');
  return change(context, { entity: HomeEntity, id, to: home }, { homeId: id, what: 'home' }, as);
};

const roomById = async ({ db }: Context, id: string): Promise<RoomRow> => {
  const room = await db.getRepository(RoomEntity).findOneBy({ id });
  if (!room) throw problems.notFound('room');
  return room;
};

/** A surface and the home it is in. */
const surfaceById = async (
  context: Context,
  id: string,
): Promise<SurfaceRow & { homeId: string }> => {
  const surface = await context.db.getRepository(SurfaceEntity).findOneBy({ id });
  if (!surface) throw problems.notFound('surface');
  return { ...surface, homeId: (await roomById(context, surface.roomId)).homeId };
};

export const addRoom = async (
  context: Context,
  homeId: string,
  room: Body<'addRoom'>,
  person: Person,
): Promise<Answer<'addRoom'>> => {
  const row = { id: context.newId(), homeId, ...room };
  return added(context, row, person, (inside) => add(inside, RoomEntity, row));
};
export const editRoom = async (
  context: Context,
  id: string,
  room: Body<'editRoom'>,
  as: Doer,
): Promise<Revised> => {
  const { homeId } = await roomById(context, id);
  return change(context, { entity: RoomEntity, id, to: room }, { homeId, what: 'room' }, as);
};
export const removeRoom = async (context: Context, id: string, as: Doer): Promise<Revised> => {
  const room = await roomById(context, id);
  return remove(context, RoomEntity, room, as);
};

export const addSurface = async (
  context: Context,
  roomId: string,
  surface: Body<'addSurface'>,
  person: Person,
): Promise<Answer<'addSurface'>> => {
  const { homeId } = await roomById(context, roomId);
  const { goal, against } = justWashed;
  const row = {
    id: context.newId(),
    roomId,
    ...surface,
    goal,
    against,
    stockId: null,
    strength: null,
    accepted: null,
  };
  return added(context, { ...row, homeId }, person, (inside) => add(inside, SurfaceEntity, row));
};
export const editSurface = async (
  context: Context,
  id: string,
  surface: Body<'editSurface'>,
  as: Doer,
): Promise<Revised> => {
  const { homeId } = await surfaceById(context, id);
  return change(
    context,
    { entity: SurfaceEntity, id, to: surface },
    { homeId, what: 'surface' },
    as,
  );
};
export const removeSurface = async (context: Context, id: string, as: Doer): Promise<Revised> => {
  const surface = await surfaceById(context, id);
  return remove(context, SurfaceEntity, surface, as);
};

const settle = prepared<never>(
  'setting',
  'UPDATE surface SET goal = $2, against = $3, stock_id = $4, strength = $5, accepted = $6, lifts = $7, growth = $8 WHERE id = $1',
);

/** PostgreSQL's word for a reference to what is not there. */
const isStranger = (error: unknown): boolean =>
  error instanceof QueryFailedError && (error.driverError as { code?: string }).code === '23503';

const settled = async (
  { db }: Context,
  id: string,
  { goal, against, use, accepted, lifts, growth }: Setting,
): Promise<void> => {
  const values = [
    id,
    goal,
    against,
    use?.stockId ?? null,
    use?.strength ?? null,
    accepted,
    lifts ?? false,
    growth ?? null,
  ];
  await settle(db, values).catch((error: unknown) => {
    throw isStranger(error) ? problems.notFound('stock') : error;
  });
};

/** Keeps what was chosen, whatever it is worth: it is judged when it is approved. */
export const setSurface = async (
  context: Context,
  id: string,
  setting: Setting,
  as: Doer,
): Promise<Revised> => {
  const { homeId, name } = await surfaceById(context, id);
  return changing(
    context,
    { homeId, subjects: [{ id, name }], what: 'setting' },
    as,
    async (inside) => {
      await settled(inside, id, setting);
      return [setting.goal];
    },
  );
};

/** Several surfaces of one home, all or none. */
export const setMany = async (
  context: Context,
  homeId: string,
  settings: readonly { surfaceId: string; setting: Setting }[],
  as: Doer,
): Promise<Revised> => {
  const own = new Map(
    (await surveyOf(context, homeId)).rooms.flatMap((room) =>
      room.surfaces.map(({ id, name }) => [id, name]),
    ),
  );
  const subjects = settings.map(({ surfaceId }) => ({
    id: surfaceId,
    name: own.get(surfaceId) ?? '',
  }));
  if (subjects.some(({ id }) => !own.has(id))) throw problems.notFound('surface-in-home');
  return changing(context, { homeId, subjects, what: 'setting' }, as, async (inside) => {
    for (const { surfaceId, setting } of settings) await settled(inside, surfaceId, setting);
    return ['several'];
  });
};

/** Adds rooms with their surfaces, all or none: a file that breaks off leaves nothing behind. */
export const importRooms = (
  context: Context,
  homeId: string,
  { rooms }: Body<'importRooms'>,
  person: Person,
): Promise<null> =>
  within(context, async (inside) => {
    for (const { surfaces, ...room } of rooms) {
      const { id } = await addRoom(inside, homeId, room, person);
      for (const surface of surfaces) await addSurface(inside, id, surface, person);
    }
    return null;
  });
