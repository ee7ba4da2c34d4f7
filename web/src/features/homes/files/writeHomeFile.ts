import {
  roomFieldNames,
  surfaceFieldNames,
  type HomeDetail,
  type HomeFile,
  type RoomFields,
  type SurfaceFields,
  type SurveyedRoom,
} from '@zymostat/contract';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { save } from '../../../ui/saveFile.ts';

const fileName = ({ name }: { name: string }) =>
  name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');

const only = <T extends object>(all: T, keys: readonly (keyof T)[]): T =>
  Object.fromEntries(keys.map((key) => [key, all[key]])) as T;

const surveyed = ({ rooms }: HomeDetail): SurveyedRoom[] =>
  rooms.map((room) => ({
    ...only<RoomFields>(room, roomFieldNames),
    surfaces: room.surfaces.map((surface) => only<SurfaceFields>(surface, surfaceFieldNames)),
  }));

/** Hands over a home as docs/formats/home.md has it. */
export const exportHome = (home: HomeDetail): void => {
  const { name, place, situations, clientKeeps } = home;
  const file: HomeFile = {
    format: 'zymostat.home/1',
    name,
    place,
    situations,
    clientKeeps,
    rooms: surveyed(home),
  };
  save(`${fileName(home)}.json`, 'application/json', `${JSON.stringify(file, null, 2)}\n`);
};

/** Columns of a list of surfaces: its room, then every field. */
export const columns = ['room', ...surfaceFieldNames] as const;

/** Hands over the surfaces of a home as a table. */
export const exportSurfaces = (home: HomeDetail): void => {
  const rows = surveyed(home).flatMap((room) =>
    room.surfaces.map((surface) => [
      room.name,
      ...surfaceFieldNames.map((field) => String(surface[field])),
    ]),
  );
  const text = stringify([[...columns], ...rows], { record_delimiter: '\r\n' });
  save(`${fileName(home)}.csv`, 'text/csv', text);
};
