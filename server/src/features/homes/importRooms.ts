import type { Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import type { Person } from '../people/service.ts';
import { addRoom, addSurface } from './service.ts';

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
