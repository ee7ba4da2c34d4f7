import type { KeyObject } from 'node:crypto';
import {
  outcomeOfWetTime,
  type Anchor,
  type ExportFilter,
  type RecordRow,
} from '@zymostat/contract';
import { recordInWords, type KeyOf, type Words } from '@zymostat/words';
import type { Context } from '../../platform/context.ts';
import { csvHead, csvLine } from '../../platform/csv.ts';
import { anchorNow } from './anchors.ts';
import { eachRecord, eachWritten } from './service.ts';

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
  'shown_seconds',
  'outcome',
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
    wet?.shownSeconds ?? null,
    wet && outcomeOfWetTime(wet),
    row.hash,
  ]);
};

/** The signed head of the whole record, as the last line. */
const anchorLine = ({ name }: Words, { seq, hash, at, key, signature }: Anchor): string => {
  const iso = new Date(at).toISOString();
  const proof = `${key} ${signature}`;
  return csvLine([
    seq,
    iso,
    iso,
    name('column', 'anchor'),
    null,
    null,
    proof,
    null,
    null,
    null,
    null,
    hash,
  ]);
};

/** The rows that fit as a table, oldest first. */
export async function* recordsCsv(
  context: Context,
  filter: ExportFilter,
  { words, key }: { words: Words; key: KeyObject },
): AsyncGenerator<string> {
  yield csvHead(words, columns);
  for await (const row of eachRecord(context, filter)) yield lineOf(words, row);
  yield anchorLine(words, await anchorNow(context, key));
}

/**
 * The rows that fit as they stand in the ledger, oldest first; who is called what besides, and the
 * signed head: docs/formats/records.md.
 */
export async function* recordsJson(
  context: Context,
  filter: ExportFilter,
  key: KeyObject,
): AsyncGenerator<string> {
  yield '{"format":"zymostat.records/2","rows":[';
  let comma = '';
  const people = new Map<string, string>();
  for await (const { called, ...row } of eachWritten(context, filter)) {
    people.set(row.personId, called);
    yield `${comma}\n${JSON.stringify(row)}`;
    comma = ',';
  }
  const called = [...people].map(([id, name]) => ({ id, name }));
  const anchor = await anchorNow(context, key);
  yield `\n],"people":${JSON.stringify(called)},\n"anchor":${JSON.stringify(anchor)}}\n`;
}
