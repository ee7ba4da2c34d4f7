import { homeFile, type HomeFile } from '@zymostat/contract';
import * as v from 'valibot';
import { w } from '../../../words/words.ts';
import { misfits } from '../../../ui/misfits.ts';
import type { Becomes } from '../../../ui/csvLines.ts';
import { readTable, type Brought } from './readTable.ts';
import { surfaceCells } from './surfaceLine.ts';

const MOST_BYTES = 1_000_000;

const NOTHING_GUESSED = new Set<never>();

/** A file has no lines that anybody counts: its surfaces are counted instead. */
const linesOf = ({ rooms }: HomeFile): Becomes[] =>
  rooms
    .flatMap((room) =>
      room.surfaces.map((surface) => () => [
        { text: room.name, guessed: false },
        ...surfaceCells(surface, NOTHING_GUESSED),
      ]),
    )
    .map((cells, i) => ({ line: i + 1, cells }));

const readJson = (text: string): Brought => {
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return { ok: false, problems: [w.name('survey', 'foundTextThatBeginsLike')] };
  }
  const read = v.safeParse(homeFile, found);
  return read.success
    ? { ok: true, rooms: read.output.rooms, lines: linesOf(read.output), home: read.output }
    : { ok: false, problems: [misfits(read.issues)] };
};

/**
 * A home from JSON, or surfaces from CSV; or what is wrong, line by line. Nothing is taken unless
 * all of it can be.
 */
export const readHomeFile = async (file: File): Promise<Brought> => {
  if (file.size > MOST_BYTES) {
    const round = Math.round(file.size / 1000);
    return { ok: false, problems: [w.say('survey.foundAFileOfKb', { round })] };
  }
  const text = await file.text();
  try {
    return text.trimStart().startsWith('{') ? readJson(text) : readTable(text);
  } catch (error) {
    const why = error instanceof Error ? error.message : w.name('survey', 'unknown');
    return { ok: false, problems: [w.say('survey.theFileCannotBeRead', { error: why })] };
  }
};
