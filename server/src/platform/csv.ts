import { stringify } from 'csv-stringify/sync';
import type { KeyOf, Words } from '@zymostat/words';

type Cell = string | number | boolean | null;

/** A spreadsheet must not take a text for a formula. */
const guarded = (cell: Cell): Cell =>
  typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

export const csvLine = (cells: readonly Cell[]): string =>
  stringify([cells.map(guarded)], { record_delimiter: 'windows', cast: { boolean: String } });

/** The heads of a file's columns. */
export const csvHead = ({ name }: Words, of: readonly KeyOf<'column'>[]): string =>
  csvLine(of.map((column) => name('column', column)));
