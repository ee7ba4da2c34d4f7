import { clothsFor, type ClothCount, type Clothed } from '../jobs/cloths.ts';
import type { TreatedRoom } from './buildProtocol.ts';

/** A room is a bath where there is a toilet, a kitchen where food is. */
const zoneOfRoom = ({ surfaces }: TreatedRoom): Clothed['zone'] => {
  if (surfaces.some(({ level }) => level === 'toilet')) return 'bath';
  return surfaces.some(({ food }) => food) ? 'kitchen' : 'rest';
};

/** Clean cloths that a visit takes along, by zone. Source: common practice, no source. */
export const visitCloths = (rooms: readonly TreatedRoom[]): ClothCount =>
  clothsFor(
    rooms.flatMap((room) => {
      const zone = zoneOfRoom(room);
      return room.surfaces.map(({ level, material, area, food, treatment }): Clothed => ({
        level,
        material,
        area,
        food,
        disinfectedWith: treatment ? `${treatment.stockId} ${treatment.strength}` : null,
        zone,
        roomId: room.id,
      }));
    }),
  ).count;
