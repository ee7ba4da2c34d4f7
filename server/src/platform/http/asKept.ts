import type { WrongField } from './problems.ts';

/** Deeper than this nothing that is asked for goes. */
const DEEPEST = 12;
/** What a double and PostgreSQL both hold without loss; nothing that is measured is beyond it. */
const SMALLEST = 1e-200;
const LARGEST = 1e200;

const wrongNumber = (found: number): string | null => {
  const size = Math.abs(found);
  return size !== 0 && !(size >= SMALLEST && size <= LARGEST) ? 'number-range' : null;
};

/**
 * What was sent, in the one form in which it is judged, hashed, stored and read back: text composed
 * (NFC), no minus nought. What has no such form is named in `wrong`: half a character (a lone
 * surrogate), a number beyond all measure, nesting without end. `path`: where it stands.
 */
export const asKept = (given: unknown, path: string[], wrong: WrongField[]): unknown => {
  const refuse = (code: string): undefined => {
    wrong.push({ path: path.filter(Boolean).join('.'), code });
    return undefined;
  };
  if (typeof given === 'string')
    return given.isWellFormed() ? given.normalize('NFC') : refuse('half-character');
  if (typeof given === 'number') {
    const code = wrongNumber(given);
    if (code) return refuse(code);
    return given === 0 ? 0 : given;
  }
  if (given === null || typeof given !== 'object') return given;
  if (path.length > DEEPEST) return refuse('too-deep');
  const part = (key: string, one: unknown) => {
    path.push(key);
    const kept = asKept(one, path, wrong);
    path.pop();
    return kept;
  };
  if (Array.isArray(given)) return given.map((one, i) => part(String(i), one));
  return Object.fromEntries(
    Object.entries(given).map(([key, one]) => [key.normalize('NFC'), part(key, one)]),
  );
};
