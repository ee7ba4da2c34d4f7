import { stringify } from 'csv-stringify/sync';
import type { KeyOf, Words } from '@zymostat/words';

type Cell = string | number | boolean | null;
export type Decimal = 'point' | 'comma';

/** A spreadsheet must not take a text for a formula. */
const guarded = (cell: Cell): Cell =>
  typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

/** Where 1.5 is written 1,5 a comma cannot be between cells as well: there it is a semicolon. */
const written = (cell: Cell, decimal: Decimal): Cell =>
  typeof cell === 'number' && decimal === 'comma' ? String(cell).replace('.', ',') : guarded(cell);

export const csvLine = (cells: readonly Cell[], decimal: Decimal = 'point'): string =>
  stringify([cells.map((cell) => written(cell, decimal))], {
    record_delimiter: 'windows',
    delimiter: decimal === 'comma' ? ';' : ',',
    cast: { boolean: String },
  });

/** Spreadsheets read what begins with it as UTF-8. */
export const BYTE_ORDER = '\ufeff';

/** The heads of a file's columns. */
export const csvHead = (
  { name }: Words,
  of: readonly KeyOf<'column'>[],
  decimal: Decimal = 'point',
): string =>
  csvLine(
    of.map((column) => name('column', column)),
    decimal,
  );
