import type { KeyOf, Words } from '@zymostat/words';

/** A spreadsheet must not take a text for a formula. */
const cell = (value: string | number | boolean | null): string => {
  const text = value === null ? '' : String(value);
  const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\n\r]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

export const csvLine = (cells: readonly (string | number | boolean | null)[]): string =>
  `${cells.map(cell).join(',')}\r\n`;

/** The heads of a file's columns. */
export const csvHead = ({ name }: Words, of: readonly KeyOf<'column'>[]): string =>
  csvLine(of.map((column) => name('column', column)));
