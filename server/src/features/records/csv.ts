import type { RecordRow } from '@zymostat/contract';
import { recordInWords, type KeyOf, type Words } from '@zymostat/words';

type Column = KeyOf<'column'>;

const columns: readonly Column[] = [
  'row',
  'happened',
  'recorded',
  'kind',
  'home',
  'person',
  'what',
  'required_seconds',
  'held_seconds',
  'met',
  'hash',
];

/** A spreadsheet must not take a text for a formula. */
const cell = (value: string | number | boolean | null): string => {
  const text = value === null ? '' : String(value);
  const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\n\r]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

export const csvLine = (cells: readonly (string | number | boolean | null)[]): string =>
  `${cells.map(cell).join(',')}\r\n`;

/** The heads of a file's columns. */
export const csvHead = ({ name }: Words, of: readonly Column[]): string =>
  csvLine(of.map((column) => name('column', column)));

export const recordsHead = (words: Words): string => csvHead(words, columns);

export const csvOf = (words: Words, row: RecordRow): string => {
  const wet = row.kind === 'wet-time' ? row.body : null;
  const iso = (ms: number) => new Date(ms).toISOString();
  const { what, note } = recordInWords(words, row);
  return csvLine([
    row.seq,
    iso(row.at),
    iso(row.recordedAt),
    words.name('record', row.kind),
    row.homeName,
    row.person,
    [what, note].filter(Boolean).join('; '),
    wet?.requiredSeconds ?? null,
    wet?.heldSeconds ?? null,
    wet?.met ?? null,
    row.hash,
  ]);
};
