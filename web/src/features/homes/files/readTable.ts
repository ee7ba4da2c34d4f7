import { roomFields, type HomeFile, type SurveyedRoom } from '@zymostat/contract';
import * as v from 'valibot';
import { w } from '../../../words/words.ts';
import {
  cellsOf,
  columnsIn,
  csvLines,
  type Becomes,
  type CsvLine,
  type WrongLine,
} from '../../../ui/csvLines.ts';
import { misfits } from '../../../ui/misfits.ts';
import { surfaceCells, surfaceIn } from './surfaceLine.ts';
import { columns } from './writeHomeFile.ts';

/** What a file brings: rooms, and, for the eye, what each of its lines becomes. */
export type Brought =
  | { ok: true; rooms: SurveyedRoom[]; lines: Becomes[]; home?: HomeFile }
  | { ok: false; problems: string[] };

/** Rooms that a list of surfaces names but the home has not get the usual size, to be put right. */
export const usualRoom = {
  floorArea: 8,
  height: 2.4,
  ventilation: 'window',
  flame: 'unknown',
} as const;

const wrongRooms = (rooms: Iterable<SurveyedRoom>): string[] =>
  [...rooms].flatMap(({ surfaces: _, ...fields }) => {
    const read = v.safeParse(roomFields, fields);
    return read.success
      ? []
      : [w.say('survey.room2', { fields: fields.name, issues: misfits(read.issues) })];
  });

/** Takes the surfaces into their rooms, line by line. */
const takeLines = (
  lines: readonly CsvLine[],
  at: ReadonlyMap<(typeof columns)[number], number>,
) => {
  const wrong: WrongLine[] = [];
  const becomes: Becomes[] = [];
  const rooms = new Map<string, SurveyedRoom>();
  for (const { record, line } of lines) {
    const { room, ...cells } = cellsOf(record, at);
    const read =
      room && cells.name
        ? surfaceIn(cells)
        : { wrong: [w.say('survey.foundARoomAndA', { record: record.join(',') })] };
    if ('wrong' in read) {
      wrong.push(...read.wrong.map((what) => ({ line, what })));
      continue;
    }
    const into = rooms.get(room) ?? { ...usualRoom, name: room, surfaces: [] };
    into.surfaces.push(read.surface);
    rooms.set(room, into);
    const { surface, guessed } = read;
    becomes.push({
      line,
      cells: () => [{ text: room, guessed: false }, ...surfaceCells(surface, guessed)],
    });
  }
  return { wrong, becomes, rooms: [...rooms.values()] };
};

/** Surfaces from a table with a head; or what is wrong, line by line. */
export const readTable = (text: string): Brought => {
  const [head, ...lines] = csvLines(text);
  const at = columnsIn(head?.record ?? [], columns, (column) =>
    column === 'room' ? w.name('listHead', 'room') : w.name('fieldHead', column),
  );
  if (at.get('room')! < 0 || at.get('name')! < 0) {
    const figures = { record: head?.record.join(',') ?? '', columns: columns.join(', ') };
    return { ok: false, problems: [w.say('survey.line1FoundExpectedAt', figures)] };
  }
  const { wrong, becomes, rooms } = takeLines(lines, at);
  const problems = wrong.map(({ line, what }) => w.say('survey.line', { lines: line, what }));
  problems.push(...wrongRooms(rooms));
  if (problems.length === 0 && rooms.length === 0)
    problems.push(w.name('survey', 'foundNoSurfaceAfterThe'));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, rooms, lines: becomes };
};
