import type { KeyObject } from 'node:crypto';
import {
  outcomeOfWetTime,
  type Anchor,
  type ExportFilter,
  type RecordRow,
} from '@zymostat/contract';
import { recordInWords, type KeyOf, type Words } from '@zymostat/words';
import type { Context } from '../../platform/context.ts';
import { BYTE_ORDER, csvHead, csvLine, type Decimal } from '../../platform/csv.ts';
import { anchorNow } from './anchors.ts';
import { eachRecord, eachWritten } from './service.ts';

type Column = KeyOf<'column'>;

const columns: readonly Column[] = [
  'row',
  'happened',
  'happened_local',
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

const iso = (ms: number): string => new Date(ms).toISOString();

/** "2026-11-24 10:20:00" in a time zone. */
const localIn = (zone: string): ((ms: number) => string) => {
  const format = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone,
    dateStyle: 'short',
    timeStyle: 'medium',
  });
  return (ms) => format.format(ms);
};

interface Written {
  words: Words;
  local: (ms: number) => string;
  decimal: Decimal;
}

const lineOf = ({ words, local, decimal }: Written, row: RecordRow): string => {
  const wet = row.kind === 'wet-time' ? row.body : null;
  const { what, note } = recordInWords(words, row);
  return csvLine(
    [
      row.seq,
      iso(row.at),
      local(row.at),
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
    ],
    decimal,
  );
};

/** The signed head of the whole record, as the last line. */
const anchorLine = (
  { words, local, decimal }: Written,
  { seq, hash, at, key, signature }: Anchor,
): string => {
  const kind = words.name('column', 'anchor');
  const proof = `${key} ${signature}`;
  const cells = [seq, iso(at), local(at), iso(at), kind, null, null, proof];
  return csvLine([...cells, null, null, null, null, hash], decimal);
};

/** What a file was narrowed to, nothing where it holds every row. */
const narrowedTo = ({ zone: _, decimal: __, ...filter }: ExportFilter) =>
  Object.values(filter).some((one) => one !== undefined) ? filter : null;

/** Why rows are missing in between, before the heads of the columns. */
const gapsLine = ({ words, decimal }: Written, filter: ExportFilter): string => {
  const to = narrowedTo(filter);
  if (!to) return '';
  const said = Object.entries(to).flatMap(([key, one]) =>
    one === undefined ? [] : `${key}=${one}`,
  );
  return csvLine([words.say('records.gaps', { filter: said.join(' ') })], decimal);
};

/** The rows that fit as a table, oldest first. */
export async function* recordsCsv(
  context: Context,
  filter: ExportFilter,
  { words, key }: { words: Words; key: KeyObject },
): AsyncGenerator<string> {
  const { zone = 'UTC', decimal } = filter;
  const written = { words, local: localIn(zone), decimal };
  yield BYTE_ORDER + gapsLine(written, filter) + csvHead(words, columns, decimal);
  for await (const row of eachRecord(context, filter)) yield lineOf(written, row);
  yield anchorLine(written, await anchorNow(context, key));
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
  const to = narrowedTo(filter);
  const narrowed = to ? `"filter":${JSON.stringify(to)},` : '';
  yield `{"format":"zymostat.records/2",${narrowed}"rows":[`;
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
