import { recordFilter, type RecordRow } from '@zymostat/contract';
import { listed, posterLines, type Words } from '@zymostat/words';
import type { Request, Response, Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../../context.ts';
import { wordsFor } from '../../http/language.ts';
import { mayCall, read, serveStream } from '../../http/serve.ts';
import { theCompany } from '../people/service.ts';
import { csvHead, csvLine } from '../records/csv.ts';
import { eachRecord } from '../records/service.ts';
import { editionOf, ownRules, theBook } from './book.ts';
import { posterPdf } from './posterPdf.ts';

const nothing = v.strictObject({});
const asked = v.strictObject({
  size: v.optional(v.picklist(['A4', 'A3', 'card'], 'poster-sizes'), 'A4'),
});
const filtered = v.pick(recordFilter, ['homeId', 'from', 'to']);
const kinds = ['near-miss', 'incident', 'follow-up'] as const satisfies RecordRow['kind'][];
type Filter = v.InferOutput<typeof filtered>;

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

async function* logOf(context: Context, filter: Filter): AsyncGenerator<RecordRow> {
  for (const kind of kinds) yield* eachRecord(context, { ...filter, kind });
}

async function* bookCsv(context: Context, words: Words): AsyncGenerator<string> {
  yield csvHead(words, ['pair', 'severity', 'routes', 'what_happens', 'what_to_do', 'source']);
  for (const { pair, severity, by, happens, remedy, source } of posterLines(
    words,
    await theBook(context),
  ))
    yield csvLine([pair, words.name('severity', severity), by, happens, remedy, source]);
}

async function* bookJson(context: Context): AsyncGenerator<string> {
  const [book, own, edition] = await Promise.all([
    theBook(context),
    ownRules(context),
    editionOf(context),
  ]);
  const rules = book.map(({ id, one, other, by, source }) => ({ id, one, other, by, source }));
  yield `${JSON.stringify({ format: 'zymostat.never-combine/1', edition, rules, own }, null, 1)}\n`;
}

async function* logCsv(context: Context, filter: Filter, words: Words): AsyncGenerator<string> {
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

async function* logJson(context: Context, filter: Filter): AsyncGenerator<string> {
  yield '{"format":"zymostat.near-misses/1","rows":[';
  let comma = '';
  for await (const row of logOf(context, filter)) {
    yield `${comma}\n${JSON.stringify(row)}`;
    comma = ',';
  }
  yield '\n]}\n';
}

const sendPoster = async (context: Context, request: Request, response: Response) => {
  await mayCall(context, 'person', request);
  const { size } = read(asked, request.query, 'query');
  const words = wordsFor(request);
  const [{ name: company, emergencyNumber, poisonLine }, book, edition] = await Promise.all([
    theCompany(context),
    theBook(context),
    editionOf(context),
  ]);
  const numbers = { emergency: emergencyNumber, poison: poisonLine };
  const lines = posterLines(words, book);
  const pdf = await posterPdf(words, { company, numbers, edition, lines }, size);
  response
    .type('application/pdf')
    .set('Content-Disposition', `inline; filename="never-together-${size}.pdf"`)
    .send(pdf);
};

const csv = 'text/csv; charset=utf-8';
const json = 'application/json';

/** The book and the log on paper and in files: docs/formats/never-combine.md. */
export const paperRoutes = (router: Router, context: Context): void => {
  router.get('/book/poster.pdf', (request: Request, response: Response) =>
    sendPoster(context, request, response),
  );
  const everybody = { who: 'person' as const, query: nothing };
  const supervisors = { who: 'supervisor' as const, query: filtered };
  serveStream(
    router,
    context,
    { path: '/book.csv', type: csv, fileName: 'never-combine.csv', ...everybody },
    (_, words) => bookCsv(context, words),
  );
  serveStream(
    router,
    context,
    { path: '/book.json', type: json, fileName: 'never-combine.json', ...everybody },
    () => bookJson(context),
  );
  serveStream(
    router,
    context,
    { path: '/mishaps.csv', type: csv, fileName: 'near-misses.csv', ...supervisors },
    (filter, words) => logCsv(context, filter, words),
  );
  serveStream(
    router,
    context,
    { path: '/mishaps.json', type: json, fileName: 'near-misses.json', ...supervisors },
    (filter) => logJson(context, filter),
  );
};
