import type { Answer, Body, Revised } from '@zymostat/contract';
import type { Setting } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { changing, differing, UNSEEN, type Change, type Doer } from './changes.ts';
import { newSurface } from './newSurface.ts';
import * as store from './store.ts';

export type { Doer } from './changes.ts';
export { noteChanged } from './standing.ts';
export { wayInOf } from './wayInStore.ts';

export {
  allHomes,
  allSurveys,
  countsByHome,
  homeById,
  inWorkingOrder,
  roomById,
  surveyOf,
  type Survey,
} from './store.ts';

/** Changes fields of one row, unless somebody else has changed the same row since it was seen. */
const change = async <Row extends store.Part>(
  context: Context,
  { entity, id, to }: { entity: store.Table<Row>; id: string; to: Partial<Row> },
  of: Omit<Change, 'subjects'>,
  as: Doer,
): Promise<Revised> => {
  const before = await store.partById(context, entity, id);
  const subjects = [{ id, name: before.name }];
  return changing(context, { ...of, subjects }, as, async (inside) => {
    if (!(await store.changePart(inside, entity, id, to)))
      throw problems.notFound(of.what === 'room' || of.what === 'surface' ? of.what : 'home');
    return differing(before, to);
  });
};

const remove = <Row extends store.Part>(
  context: Context,
  entity: store.Table<Row>,
  { id, name, homeId }: { id: string; name: string; homeId: string },
  as: Doer,
): Promise<Revised> =>
  changing(context, { homeId, subjects: [{ id, name }], what: 'removed' }, as, async (inside) => {
    await store.removePart(inside, entity, id);
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
  within(context, (inside) =>
    store.addPart(inside, store.HomeEntity, {
      id: inside.newId(),
      ...home,
      clientKeeps: home.clientKeeps ?? [],
    }),
  );

export const editHome = async (
  context: Context,
  id: string,
  home: Body<'editHome'>,
  as: Doer,
): Promise<Revised> => {
  if (!(await store.homeById(context, id))) throw problems.notFound('home');
  return change(
    context,
    { entity: store.HomeEntity, id, to: home },
    { homeId: id, what: 'home' },
    as,
  );
};

export const addRoom = async (
  context: Context,
  homeId: string,
  room: Body<'addRoom'>,
  person: Person,
): Promise<Answer<'addRoom'>> => {
  const row = { id: context.newId(), homeId, ...room };
  return added(context, row, person, (inside) => store.addPart(inside, store.RoomEntity, row));
};

export const editRoom = async (
  context: Context,
  id: string,
  room: Partial<store.RoomRow>,
  as: Doer,
): Promise<Revised> => {
  const { homeId } = await store.roomById(context, id);
  return change(context, { entity: store.RoomEntity, id, to: room }, { homeId, what: 'room' }, as);
};

export const removeRoom = async (context: Context, id: string, as: Doer): Promise<Revised> => {
  const room = await store.roomById(context, id);
  return remove(context, store.RoomEntity, room, as);
};

export const addSurface = async (
  context: Context,
  roomId: string,
  surface: Body<'addSurface'>,
  person: Person,
): Promise<Answer<'addSurface'>> => {
  const { homeId } = await store.roomById(context, roomId);
  const row = newSurface(context, roomId, surface);
  return added(context, { ...row, homeId }, person, (inside) =>
    store.addPart(inside, store.SurfaceEntity, row),
  );
};

export const editSurface = async (
  context: Context,
  id: string,
  surface: Body<'editSurface'>,
  as: Doer,
): Promise<Revised> => {
  const { homeId } = await store.surfaceById(context, id);
  return change(
    context,
    { entity: store.SurfaceEntity, id, to: surface },
    { homeId, what: 'surface' },
    as,
  );
};

export const removeSurface = async (context: Context, id: string, as: Doer): Promise<Revised> => {
  const surface = await store.surfaceById(context, id);
  return remove(context, store.SurfaceEntity, surface, as);
};

/** Keeps what was chosen, whatever it is worth: it is judged when it is approved. */
export const setSurface = async (
  context: Context,
  id: string,
  setting: Setting,
  as: Doer,
): Promise<Revised> => {
  const { homeId, name } = await store.surfaceById(context, id);
  return changing(
    context,
    { homeId, subjects: [{ id, name }], what: 'setting' },
    as,
    async (inside) => {
      await store.settled(inside, id, setting);
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
    (await store.surveyOf(context, homeId)).rooms.flatMap((room) =>
      room.surfaces.map(({ id, name }) => [id, name]),
    ),
  );
  const subjects = settings.map(({ surfaceId }) => ({
    id: surfaceId,
    name: own.get(surfaceId) ?? '',
  }));
  if (subjects.some(({ id }) => !own.has(id))) throw problems.notFound('surface-in-home');
  return changing(context, { homeId, subjects, what: 'setting' }, as, async (inside) => {
    for (const { surfaceId, setting } of settings) await store.settled(inside, surfaceId, setting);
    return ['several'];
  });
};
