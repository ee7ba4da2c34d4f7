import {
  choicesOf,
  kindOfSurfaceField,
  roomFields,
  surfaceFieldNames,
  surfaceFields,
  type SurfaceField,
  type SurveyedRoom,
} from '@zymostat/contract';
import { readSurfaces } from '@zymostat/core';
import { parse } from 'csv-parse/browser/esm/sync';
import * as v from 'valibot';
import { w } from '../../../words/words.ts';
import { fieldName } from '../fieldNames.ts';
import { misfits } from '../../../ui/misfits.ts';
import { columns } from './writeHomeFile.ts';

export type Brought<T> =
  { ok: true; rooms: SurveyedRoom[]; home?: T } | { ok: false; problems: string[] };
type Line = { record: string[]; info: { lines: number } };

/** Rooms that a list of surfaces names but the home has not get the usual size, to be put right. */
const usualRoom = { floorArea: 8, height: 2.4, ventilation: 'window', flame: 'unknown' } as const;

const linesOf = (text: string): Line[] =>
  parse(text, {
    bom: true,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: true,
    trim: true,
    info: true,
  }) as unknown as Line[];

/** A choice by its code, or by its name in the language of the page. */
const choiceOf = (field: SurfaceField, text: string): string | undefined =>
  choicesOf(field).find((code) =>
    [code, fieldName(field, code)].some((one) => one.toLowerCase() === text.toLowerCase()),
  );

const numberIn = (text: string): number | undefined => {
  const number = Number(text.replace(',', '.'));
  return Number.isFinite(number) ? number : undefined;
};

/** A cell as what its field holds; undefined where it is no number or none of the choices. */
const valueOf = (field: SurfaceField, text: string): unknown => {
  switch (kindOfSurfaceField(field)) {
    case 'text':
      return text;
    case 'number':
      return numberIn(text);
    case 'yes-no':
      return /^(yes|true|1|x|sí|si)$/i.test(text);
    case 'choice':
      return choiceOf(field, text);
  }
};

/** So many choices can be named in a line; of more it is said that there is a table. */
const FEW = 8;

const notReadable = (field: SurfaceField, found: string): string => {
  const named = { field: w.name('fieldHead', field), found };
  if (kindOfSurfaceField(field) === 'number') return w.say('survey.foundNoNumber', named);
  const allowed = choicesOf(field);
  return w.say('survey.foundChoice', {
    ...named,
    few: allowed.length <= FEW ? 'yes' : 'no',
    allowed: allowed.join(', '),
  });
};

type ReadLine = { surface: SurveyedRoom['surfaces'][number] } | { wrong: string[] };

/** One line as a surface; what a cell leaves out is guessed from the name. */
const surfaceIn = (cells: Record<SurfaceField, string>): ReadLine => {
  const guess = readSurfaces(cells.name)[0]!;
  const read = surfaceFieldNames.map((field) => {
    const text = cells[field];
    return [field, text === '' ? guess[field] : valueOf(field, text)] as const;
  });
  const wrong = read
    .filter(([, value]) => value === undefined)
    .map(([field]) => notReadable(field, cells[field]));
  if (wrong.length > 0) return { wrong };
  const parsed = v.safeParse(surfaceFields, Object.fromEntries(read));
  return parsed.success ? { surface: parsed.output } : { wrong: [misfits(parsed.issues)] };
};

const cellsOf = (record: string[], at: readonly number[]) =>
  Object.fromEntries(
    columns.map((column, i) => [column, at[i]! < 0 ? '' : (record[at[i]!] ?? '')]),
  ) as Record<(typeof columns)[number], string>;

const wrongRooms = (rooms: Iterable<SurveyedRoom>): string[] =>
  [...rooms].flatMap(({ surfaces: _, ...fields }) => {
    const read = v.safeParse(roomFields, fields);
    return read.success
      ? []
      : [w.say('survey.room2', { fields: fields.name, issues: misfits(read.issues) })];
  });

/** Surfaces from a table with a head; or what is wrong, line by line. */
export const readTable = (text: string): Brought<never> => {
  const [head, ...lines] = linesOf(text);
  const heads = head?.record.map((one) => one.toLowerCase()) ?? [];
  const at = columns.map((column) => heads.indexOf(column));
  if (at[0]! < 0 || at[1]! < 0) {
    const figures = { record: head?.record.join(',') ?? '', columns: columns.join(', ') };
    return { ok: false, problems: [w.say('survey.line1FoundExpectedAt', figures)] };
  }
  const problems: string[] = [];
  const rooms = new Map<string, SurveyedRoom>();
  for (const { record, info } of lines) {
    const { room, ...cells } = cellsOf(record, at);
    const read: ReadLine =
      room && cells.name
        ? surfaceIn(cells)
        : { wrong: [w.say('survey.foundARoomAndA', { record: record.join(',') })] };
    if ('wrong' in read) {
      for (const what of read.wrong)
        problems.push(w.say('survey.line', { lines: info.lines, what }));
      continue;
    }
    const into = rooms.get(room) ?? { ...usualRoom, name: room, surfaces: [] };
    rooms.set(room, { ...into, surfaces: [...into.surfaces, read.surface] });
  }
  problems.push(...wrongRooms(rooms.values()));
  if (problems.length === 0 && rooms.size === 0)
    problems.push(w.name('survey', 'foundNoSurfaceAfterThe'));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, rooms: [...rooms.values()] };
};
