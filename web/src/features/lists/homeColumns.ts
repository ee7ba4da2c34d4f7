import {
  roomFieldNames,
  surfaceFieldNames,
  wayInLines,
  type RoomFields,
  type SurfaceField,
} from '@zymostat/contract';
import { w } from '../../words/words.ts';

export type RoomColumn = Exclude<keyof RoomFields, 'name'>;
export const roomColumns = roomFieldNames.filter((field): field is RoomColumn => field !== 'name');

/** Columns of a list of homes, in the order in which an empty one has them. */
export const homeColumns = [
  'home',
  'place',
  'lives',
  ...wayInLines,
  'room',
  ...roomColumns,
  ...surfaceFieldNames,
] as const;
export type HomeColumn = (typeof homeColumns)[number];

const isOfSurface = (column: HomeColumn): column is SurfaceField =>
  (surfaceFieldNames as readonly HomeColumn[]).includes(column);

/** What a column is called in the language of the page. */
export const homeColumnName = (column: HomeColumn): string =>
  isOfSurface(column) ? w.name('fieldHead', column) : w.name('listHead', column);
