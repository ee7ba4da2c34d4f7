import {
  importHomes,
  MOST_HOMES_AT_ONCE,
  nameKey,
  type BroughtHome,
  type HomeRow,
} from '@zymostat/contract';
import * as v from 'valibot';
import {
  cellsOf,
  columnsIn,
  type Becomes,
  type CsvLine,
  type WrongLine,
} from '../../ui/csvLines.ts';
import { misfits } from '../../ui/misfits.ts';
import { w } from '../../words/words.ts';
import { surfaceCells, surfaceIn } from '../homes/files/surfaceLine.ts';
import { homeColumnName, homeColumns } from './homeColumns.ts';
import {
  CannotBeTaken,
  homeFrom,
  homeOf,
  roomCells,
  roomOf,
  type HomeCells,
  type HomeDraft,
  type HomesSoFar,
} from './homeDrafts.ts';

export interface HomesRead {
  kind: 'homes';
  homes: BroughtHome[];
  lines: Becomes[];
  wrong: WrongLine[];
}

type Known = readonly Pick<HomeRow, 'name' | 'place'>[];
type Taken<T> = { taken: T } | { wrong: string[] };

const attempt = <T>(work: () => T): Taken<T> => {
  try {
    return { taken: work() };
  } catch (error) {
    if (!(error instanceof CannotBeTaken)) throw error;
    return { wrong: [error.message] };
  }
};

/** One line: its home, its room and its surface, as far as it names them. */
const takeLine = (homes: HomesSoFar, cells: HomeCells, line: number): Taken<Becomes['cells']> => {
  const placed = attempt(() => {
    const home = homeOf(homes, cells, line);
    return { home, room: roomOf(home, cells) };
  });
  if ('wrong' in placed) return placed;
  const { home, room } = placed.taken;
  const where = { text: `${home.name}, ${home.said.place!}`, guessed: false };
  if (!room) return { taken: () => [where, { text: w.name('lists', 'onlyHome'), guessed: false }] };
  if (cells.name === '') return { taken: () => [where, ...roomCells(room)] };
  const read = surfaceIn(cells);
  if ('wrong' in read) return read;
  const { surface, guessed } = read;
  room.surfaces.push(surface);
  return { taken: () => [where, ...roomCells(room), ...surfaceCells(surface, guessed)] };
};

/** Whole homes: who lives there, their rooms, and that none of them is here already. */
const finish = (drafts: Iterable<HomeDraft>, known: Known) => {
  const taken = new Set(known.map(({ name, place }) => nameKey(name, place)));
  const homes: BroughtHome[] = [];
  const wrong: WrongLine[] = [];
  for (const draft of drafts) {
    const { line } = draft;
    const made = attempt(() => homeFrom(draft));
    if ('wrong' in made) {
      wrong.push(...made.wrong.map((what) => ({ line, what })));
      continue;
    }
    const { name, place } = made.taken;
    if (taken.has(nameKey(name, place)))
      wrong.push({ line, what: w.say('lists.there', { name: `${name}, ${place}` }) });
    const read = v.safeParse(importHomes.entries.homes, [made.taken]);
    if (read.success) homes.push(made.taken);
    else wrong.push({ line, what: misfits(read.issues) });
  }
  return { homes, wrong };
};

/**
 * Homes from a table: each line a surface, a room or a home; what each becomes, and each that
 * cannot be taken, with why. `known`: the homes that are here.
 */
export const readHomes = ([head, ...lines]: CsvLine[], known: Known): HomesRead => {
  const at = columnsIn(head?.record ?? [], homeColumns, homeColumnName);
  const drafts: HomesSoFar = { all: new Map(), lastOf: new Map() };
  const becomes: Becomes[] = [];
  const wrong: WrongLine[] = [];
  for (const { record, line } of lines) {
    const taken = takeLine(drafts, cellsOf(record, at), line);
    if ('wrong' in taken) wrong.push(...taken.wrong.map((what) => ({ line, what })));
    else becomes.push({ line, cells: taken.taken });
  }
  const finished = finish(drafts.all.values(), known);
  wrong.push(...finished.wrong);
  if (lines.length === 0) wrong.push({ line: 2, what: w.name('lists', 'nothing') });
  if (drafts.all.size > MOST_HOMES_AT_ONCE) {
    const figures = { count: drafts.all.size, most: MOST_HOMES_AT_ONCE };
    wrong.push({ line: 1, what: w.say('lists.tooMany', figures) });
  }
  wrong.sort((a, b) => a.line - b.line);
  return { kind: 'homes', homes: finished.homes, lines: becomes, wrong };
};
