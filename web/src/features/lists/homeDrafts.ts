import type { BroughtHome, SurveyedRoom, WayIn } from '@zymostat/contract';
import { nameKey, roomFields, wayInLines } from '@zymostat/contract';
import { situations, type Situation } from '@zymostat/core';
import type { Topic } from '@zymostat/words';
import { notAllowed, valueOf, type Cell, type CellKind } from '../../ui/csvLines.ts';
import { w } from '../../words/words.ts';
import { usualRoom } from '../homes/files/readTable.ts';
import { homeColumnName, roomColumns, type HomeColumn, type RoomColumn } from './homeColumns.ts';

export type HomeCells = Record<HomeColumn, string>;
type Said = Partial<Record<HomeColumn, string>>;

export interface RoomDraft {
  name: string;
  said: Said;
  surfaces: SurveyedRoom['surfaces'];
}
/** A home as far as its lines have told it. */
export interface HomeDraft {
  line: number;
  name: string;
  said: Said;
  rooms: Map<string, RoomDraft>;
}

/** Why a line cannot be taken. */
export class CannotBeTaken extends Error {}

/** What is said of a thing more than once must be the same: else nobody knows which is true. */
const settle = (of: string, said: Said, column: HomeColumn, found: string): void => {
  const before = said[column];
  if (found === '') return;
  if (before !== undefined && before !== found)
    throw new CannotBeTaken(
      w.say('lists.otherwise', { field: homeColumnName(column), found, of, before }),
    );
  said[column] = found;
};

/** The homes that lines have told of: each by its name and place, and the last one of each name. */
export interface HomesSoFar {
  all: Map<string, HomeDraft>;
  lastOf: Map<string, HomeDraft>;
}

/** The home that a line belongs to: its place may be left out where it was said before. */
export const homeOf = (
  { all, lastOf }: HomesSoFar,
  { home: name, ...cells }: HomeCells,
  line: number,
): HomeDraft => {
  if (name === '') throw new CannotBeTaken(w.name('lists', 'noHome'));
  const last = lastOf.get(nameKey(name));
  const place = cells.place === '' ? (last?.said.place ?? '') : cells.place;
  if (place === '') throw new CannotBeTaken(w.say('lists.noPlace', { home: name }));
  const key = nameKey(name, place);
  const home = all.get(key) ?? { line, name, said: { place }, rooms: new Map() };
  for (const column of ['lives', ...wayInLines] as const)
    settle(name, home.said, column, cells[column]);
  all.set(key, home);
  lastOf.set(nameKey(name), home);
  return home;
};

/** The room that a line belongs to, where it names one. */
export const roomOf = (home: HomeDraft, cells: HomeCells): RoomDraft | null => {
  const { room: name } = cells;
  if (name === '') {
    if (cells.name === '') return null;
    throw new CannotBeTaken(w.say('lists.noRoom', { name: cells.name }));
  }
  const room = home.rooms.get(nameKey(name)) ?? { name, said: {}, surfaces: [] };
  for (const column of roomColumns) settle(name, room.said, column, cells[column]);
  home.rooms.set(nameKey(name), room);
  return room;
};

const kindOf = (field: RoomColumn): CellKind => ({
  called: homeColumnName(field),
  schema: roomFields.entries[field],
  nameOf: (code) => w.tell(field as Topic, code, {}),
});

/** Who lives there, by code or name, several with a plus sign or a slash between them. */
const situationsIn = (text: string): Situation[] => {
  const named = text.split(/[+/|;]/).map((one) => one.trim().toLowerCase());
  return named
    .filter((one) => one !== '')
    .map((one) => {
      const found = situations.find((code) =>
        [code, w.name('situation', code).toLowerCase()].includes(one),
      );
      if (found) return found;
      const allowed = situations.map((code) => w.name('situation', code)).join(', ');
      throw new CannotBeTaken(w.say('lists.situation', { found: one, allowed }));
    });
};

/** A room’s fields: what no line said is the usual, and a guess. */
const roomFrom = ({ name, said, surfaces }: RoomDraft): SurveyedRoom => {
  const fields = roomColumns.map((column) => {
    const text = said[column];
    if (text === undefined) return [column, usualRoom[column]];
    const value = valueOf(kindOf(column), text);
    if (value === undefined) throw new CannotBeTaken(notAllowed(kindOf(column), text));
    return [column, value];
  });
  return { name, ...Object.fromEntries(fields), surfaces } as SurveyedRoom;
};

/** A home as it comes in. Throws what cannot be taken. */
export const homeFrom = ({ name, said, rooms }: HomeDraft): BroughtHome => ({
  name,
  place: said.place!,
  situations: situationsIn(said.lives ?? ''),
  clientKeeps: [],
  wayIn: Object.fromEntries(wayInLines.map((one) => [one, said[one] ?? null])) as WayIn,
  rooms: [...rooms.values()].map(roomFrom),
});

/** What is said of a room on the first line that names it. */
export const roomCells = (room: RoomDraft): Cell[] => [
  { text: room.name, guessed: roomColumns.some((column) => room.said[column] === undefined) },
];
