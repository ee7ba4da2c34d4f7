import type { ExportFilter, RecordRow } from '@zymostat/contract';
import { recordInWords, type KeyOf, type Words } from '@zymostat/words';
import type { Context } from '../../platform/context.ts';
import { csvHead, csvLine } from '../../platform/csv.ts';
import { eachRecord } from './service.ts';

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

const lineOf = (words: Words, row: RecordRow): string => {
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

/** The rows that fit as a table, oldest first. */
export async function* recordsCsv(
  context: Context,
  filter: ExportFilter,
  words: Words,
): AsyncGenerator<string> {
  yield csvHead(words, columns);
  for await (const row of eachRecord(context, filter)) yield lineOf(words, row);
}

/** The rows that fit as they stand in the ledger, oldest first. */
export async function* recordsJson(context: Context, filter: ExportFilter): AsyncGenerator<string> {
  yield '{"format":"zymostat.records/1","rows":[';
  let comma = '';
  for await (const row of eachRecord(context, filter)) {
    yield `${comma}\n${JSON.stringify(row)}`;
    comma = ',';
  }
  yield '\n]}\n';
}
