import type { Version } from '@zymostat/contract';
import { surfaceIdOf } from '@zymostat/core';

/** Room and surface of a plan's treatments by name, in a version; its id where it is none of it. */
export const whereIn = ({ protocol }: Version) => {
  const where = new Map(
    protocol.rooms.flatMap((room) =>
      room.surfaces.map((surface) => [surface.id, { room: room.name, surface: surface.name }]),
    ),
  );
  return (treatment: string): { room: string; surface: string } =>
    where.get(surfaceIdOf(treatment)) ?? { room: '', surface: treatment };
};
