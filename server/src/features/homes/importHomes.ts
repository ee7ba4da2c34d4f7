import { alreadyHere, nameKey, type Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { MOST_NAMED, problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { changing, UNSEEN } from './changes.ts';
import { newSurface } from './newSurface.ts';
import * as store from './store.ts';
import { keepWayIn } from './wayInStore.ts';

type BroughtHome = Body<'importHomes'>['homes'][number];

/** Refuses homes that are there already, or twice in the list: nobody could tell which is meant. */
const refuseKnown = async (inside: Context, homes: readonly BroughtHome[]): Promise<void> => {
  const there = await store.allHomes(inside);
  const keyOf = ({ name, place }: Pick<BroughtHome, 'name' | 'place'>) => nameKey(name, place);
  const known = alreadyHere(homes, there.map(keyOf), keyOf);
  const names = known.slice(0, MOST_NAMED).map(({ name, place }) => `${name}, ${place}`);
  if (known.length > 0) throw problems.conflict('already-here', { names: names.join('; ') });
};

const addOne = async (
  inside: Context,
  { wayIn, rooms, ...fields }: BroughtHome,
  person: Person,
): Promise<void> => {
  const home = { id: inside.newId(), ...fields };
  const rowsOfRooms = rooms.map(({ surfaces: _, ...room }) => ({
    id: inside.newId(),
    homeId: home.id,
    ...room,
  }));
  const surfaces = rooms.flatMap((room, i) =>
    room.surfaces.map((surface) => newSurface(inside, rowsOfRooms[i]!.id, surface)),
  );
  await store.addPart(inside, store.HomeEntity, home);
  const change = { homeId: home.id, subjects: [home], what: 'added' as const };
  await changing(inside, change, { person, seen: UNSEEN }, async () => {
    await keepWayIn(inside, home.id, wayIn);
    await store.addParts(inside, store.RoomEntity, rowsOfRooms);
    await store.addParts(inside, store.SurfaceEntity, surfaces);
    return ['added'];
  });
};

/** Adds homes with their rooms and surfaces, all or none. */
export const importHomes = (
  context: Context,
  { homes }: Body<'importHomes'>,
  person: Person,
): Promise<null> =>
  within(context, async (inside) => {
    await refuseKnown(inside, homes);
    for (const home of homes) await addOne(inside, home, person);
    return null;
  });
