import { homeFile, type HomeFile } from '@zymostat/contract';
import * as v from 'valibot';
import { w } from '../../../words/words.ts';
import { misfits } from '../../../ui/misfits.ts';
import { readTable, type Brought } from './readTable.ts';

const MOST_BYTES = 1_000_000;

const readJson = (text: string): Brought<HomeFile> => {
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return { ok: false, problems: [w.name('survey', 'foundTextThatBeginsLike')] };
  }
  const read = v.safeParse(homeFile, found);
  return read.success
    ? { ok: true, rooms: read.output.rooms, home: read.output }
    : { ok: false, problems: [misfits(read.issues)] };
};

/**
 * A home from JSON, or surfaces from CSV; or what is wrong, line by line. Nothing is taken unless
 * all of it can be.
 */
export const readHomeFile = async (file: File): Promise<Brought<HomeFile>> => {
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
