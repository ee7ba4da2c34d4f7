import type { LogFilter, RecordRow } from '@zymostat/contract';
import { listed, type Words } from '@zymostat/words';
import type { Context } from '../../platform/context.ts';
import { csvHead, csvLine } from '../../platform/csv.ts';
import { eachRecord } from '../records/service.ts';
import { mishapKinds } from './service.ts';

const isoOf = (ms: number) => new Date(ms).toISOString();

/** One row of the log as cells. */
const logCells = (words: Words, row: RecordRow): (string | number | null)[] => {
  const { name } = words;
  const common = [row.seq, isoOf(row.at), name('record', row.kind), row.homeName, row.person];
  if (row.kind === 'follow-up') {
    const { text, owner, due, closed } = row.body;
    const state = name('poster', closed ? 'closed' : 'open');
    return [...common, null, null, null, null, text, owner, due, state];
  }
  if (row.kind !== 'near-miss' && row.kind !== 'incident') return common;
  const { what, products, route, amount, symptoms, done } = row.body;
  return [
    ...common,
    listed(words, products),
    route ? name('route', route) : null,
    amount ?? null,
    symptoms ?? null,
    `${what} ${done}`,
    null,
    null,
    null,
  ];
};

async function* logOf(context: Context, filter: LogFilter): AsyncGenerator<RecordRow> {
  for (const kind of mishapKinds) yield* eachRecord(context, { ...filter, kind });
}

/** The log as a table. */
export async function* logCsv(
  context: Context,
  filter: LogFilter,
  words: Words,
): AsyncGenerator<string> {
  yield csvHead(words, [
    'row',
    'happened',
    'kind',
    'home',
    'person',
    'products',
    'route',
    'amount',
    'symptoms',
    'text',
    'owner',
    'due',
    'state',
  ]);
  for await (const row of logOf(context, filter)) yield csvLine(logCells(words, row));
}

/** The log, every row as it stands in the ledger. */
export async function* logJson(context: Context, filter: LogFilter): AsyncGenerator<string> {
  yield '{"format":"zymostat.near-misses/1","rows":[';
  let comma = '';
  for await (const row of logOf(context, filter)) {
    yield `${comma}\n${JSON.stringify(row)}`;
    comma = ',';
  }
  yield '\n]}\n';
}
