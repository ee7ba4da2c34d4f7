import { wayInLines, type Revised, type WayIn } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { changing, differing, UNSEEN, type Doer } from './changes.ts';
import * as store from './store.ts';
import { keepWayIn, noteWayInBefore, wayInOf } from './wayInStore.ts';

const homeOr404 = async (context: Context, id: string): Promise<store.HomeRow> => {
  const home = await store.homeById(context, id);
  if (!home) throw problems.notFound('home');
  return home;
};

/** Changes how somebody gets in; of the change it is kept that it was made, not what it says. */
export const setWayIn = async (
  context: Context,
  homeId: string,
  wayIn: WayIn,
  as: Doer,
): Promise<Revised> => {
  const { name } = await homeOr404(context, homeId);
  const change = { homeId, subjects: [{ id: homeId, name }], what: 'home' as const };
  return changing(context, change, as, async (inside) => {
    const before = await wayInOf(inside, homeId);
    if (differing(before, wayIn).length === 0) return [];
    const by = { homeId, at: new Date(inside.now()), personId: as.person.id };
    if (wayInLines.some((line) => before[line] !== null)) await noteWayInBefore(inside, by, before);
    await keepWayIn(inside, homeId, wayIn);
    return ['wayIn'];
  });
};

/** A home that is not worked in any more, or is again: all that was done there stays. */
export const setArchived = async (
  context: Context,
  homeId: string,
  archived: boolean,
  as: Doer,
): Promise<Revised> => {
  const { name, archivedAt } = await homeOr404(context, homeId);
  const change = { homeId, subjects: [{ id: homeId, name }], what: 'home' as const };
  return changing(context, change, as, async (inside) => {
    if (archived === Boolean(archivedAt)) return [];
    const to = { archivedAt: archived ? new Date(inside.now()) : null };
    await store.changePart(inside, store.HomeEntity, homeId, to);
    return ['archived'];
  });
};

/** Keeps that something of a home was changed by somebody, where nothing of theirs can collide. */
export const noteChanged = async (
  context: Context,
  homeId: string,
  field: string,
  person: Person,
): Promise<void> => {
  const { name } = await homeOr404(context, homeId);
  const change = { homeId, subjects: [{ id: homeId, name }], what: 'home' as const };
  await changing(context, change, { person, seen: UNSEEN }, () => Promise.resolve([field]));
};
