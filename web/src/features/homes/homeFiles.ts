import {
  homeFile,
  roomFields,
  surfaceFields,
  type HomeDetail,
  type HomeFile,
  type SurveyedRoom,
} from '@zymostat/contract';
import { w } from '../../app/words.ts';
import { levels, materialIds, readSurfaces, touches, type MaterialId } from '@zymostat/core';
import { parse } from 'csv-parse/browser/esm/sync';
import * as v from 'valibot';
import { save } from '../../ui/saveFile.ts';

const columns = ['room', 'name', 'material', 'level', 'area', 'touched', 'food'] as const;

const fileName = ({ name }: { name: string }) =>
  name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
const surveyed = ({ rooms }: HomeDetail): SurveyedRoom[] =>
  rooms.map(({ name, floorArea, height, ventilation, flame, surfaces }) => ({
    name,
    floorArea,
    height,
    ventilation,
    flame,
    surfaces: surfaces.map(({ name: own, material, level, area, touched, food }) => ({
      name: own,
      material,
      level,
      area,
      touched,
      food,
    })),
  }));

export const exportHome = (home: HomeDetail): void => {
  const { name, place, situations, clientKeeps } = home;
  save(
    `${fileName(home)}.json`,
    'application/json',
    `${JSON.stringify({ format: 'zymostat.home/1', name, place, situations, clientKeeps, rooms: surveyed(home) } satisfies HomeFile, null, 2)}\n`,
  );
};

const cell = (value: string | number | boolean): string =>
  /[",\n]/.test(String(value)) ? `"${String(value).replaceAll('"', '""')}"` : String(value);
export const exportSurfaces = (home: HomeDetail): void =>
  save(
    `${fileName(home)}.csv`,
    'text/csv',
    `${[columns.join(','), ...surveyed(home).flatMap((room) => room.surfaces.map((one) => [room.name, one.name, one.material, one.level, one.area, one.touched, one.food].map(cell).join(',')))].join('\r\n')}\r\n`,
  );

export type Brought =
  { ok: true; rooms: SurveyedRoom[]; home?: HomeFile } | { ok: false; problems: string[] };

const says = (issues: readonly { message: string }[]): string =>
  issues
    .map(
      (issue) => `${v.getDotPath(issue as never) ?? w.name('homes', 'theFile')}: ${issue.message}`,
    )
    .join(' ');

const fromJson = (text: string): Brought => {
  try {
    const read = v.safeParse(homeFile, JSON.parse(text));
    if (!read.success) return { ok: false, problems: [says(read.issues)] };
    return { ok: true, rooms: read.output.rooms, home: read.output };
  } catch {
    return {
      ok: false,
      problems: [w.name('homes', 'foundTextThatBeginsLike')],
    };
  }
};

/** A material by its id or its name in the table. */
const materialOf = (text: string): MaterialId | undefined =>
  materialIds.find(
    (id) =>
      id === text.trim() || w.name('material', id).toLowerCase() === text.trim().toLowerCase(),
  );
const levelOf = (text: string) =>
  levels.find(
    (level) =>
      level === text.trim() || w.name('level', level).toLowerCase() === text.trim().toLowerCase(),
  );

/** Rooms that a list of surfaces names but the home has not get the usual size, to be put right. */
const usualRoom = { floorArea: 8, height: 2.4, ventilation: 'window', flame: 'unknown' } as const;

const fromCsv = (text: string): Brought => {
  const problems: string[] = [];
  const rooms = new Map<string, SurveyedRoom>();
  const rows = parse(text, {
    bom: true,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: true,
    trim: true,
    info: true,
  }) as unknown as { record: string[]; info: { lines: number } }[];
  const [head, ...rest] = rows;
  const at = columns.map(
    (column) => head?.record.findIndex((one) => one.toLowerCase() === column) ?? -1,
  );
  if (at[0]! < 0 || at[1]! < 0)
    return {
      ok: false,
      problems: [
        w.say('homes.line1FoundExpectedAt', {
          record: head?.record.join(',') ?? '',
          columns: columns.join(', '),
        }),
      ],
    };
  for (const { record, info } of rest) {
    const [room, name, material, level, area, touched, food] = at.map((i) =>
      i < 0 ? '' : (record[i] ?? ''),
    );
    const guess = readSurfaces(name!)[0];
    const wrong = (what: string) => problems.push(w.say('homes.line', { lines: info.lines, what }));
    if (!room || !guess) {
      wrong(w.say('homes.foundARoomAndA', { record: record.join(',') }));
      continue;
    }
    const found = {
      material: material ? materialOf(material) : guess.material,
      level: level ? levelOf(level) : guess.level,
      touched: touched ? touches.find((one) => one === touched.toLowerCase()) : guess.touched,
    };
    if (!found.material)
      wrong(w.say('homes.foundMaterialWhichIsNot', { material: material ?? '' }));
    if (!found.level)
      wrong(w.say('homes.foundLevelAreAllowed', { level: level ?? '', levels: levels.join(', ') }));
    if (!found.touched)
      wrong(
        w.say('homes.foundTouchedAreAllowed', {
          touched: touched ?? '',
          touches: touches.join(', '),
        }),
      );
    const read = v.safeParse(surfaceFields, {
      ...found,
      name,
      area: area ? Number(area.replace(',', '.')) : guess.area,
      food: food ? /^(yes|true|1|x)$/i.test(food) : guess.food,
    });
    if (!read.success) {
      if (found.material && found.level && found.touched) wrong(says(read.issues));
      continue;
    }
    const into = rooms.get(room) ?? { ...usualRoom, name: room, surfaces: [] };
    rooms.set(room, { ...into, surfaces: [...into.surfaces, read.output] });
  }
  for (const { surfaces: _, ...fields } of rooms.values()) {
    const read = v.safeParse(roomFields, fields);
    if (!read.success)
      problems.push(w.say('homes.room2', { fields: fields.name, issues: says(read.issues) }));
  }
  if (problems.length === 0 && rooms.size === 0)
    problems.push(w.name('homes', 'foundNoSurfaceAfterThe'));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, rooms: [...rooms.values()] };
};

/**
 * A home from JSON, or surfaces from CSV; or what is wrong, line by line. Nothing is taken unless
 * all of it can be.
 */
export const readHomeFile = async (file: File): Promise<Brought> => {
  if (file.size > 1_000_000)
    return {
      ok: false,
      problems: [w.say('homes.foundAFileOfKb', { round: Math.round(file.size / 1000) })],
    };
  const text = await file.text();
  try {
    return text.trimStart().startsWith('{') ? fromJson(text) : fromCsv(text);
  } catch (error) {
    return {
      ok: false,
      problems: [
        w.say('homes.theFileCannotBeRead', {
          error: error instanceof Error ? error.message : w.name('homes', 'unknown'),
        }),
      ],
    };
  }
};
