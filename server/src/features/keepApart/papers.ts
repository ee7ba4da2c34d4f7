import {
  posterLines,
  recordFilter,
  recordKindNames,
  routeNames,
  severityNames,
  type RecordRow,
} from '@zymostat/contract';
import type { Request, Response, Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../../context.ts';
import { mayCall, read, serveStream } from '../../http/serve.ts';
import { theCompany } from '../people/service.ts';
import { csvLine } from '../records/csv.ts';
import { eachRecord } from '../records/service.ts';
import { editionOf, ownRules, theBook } from './book.ts';
import { posterPdf } from './posterPdf.ts';

const nothing = v.strictObject({});
const asked = v.strictObject({
  size: v.optional(v.picklist(['A4', 'A3', 'card'], 'The sizes are A4, A3 and card.'), 'A4'),
});
const filtered = v.pick(recordFilter, ['homeId', 'from', 'to']);
const kinds = ['near-miss', 'incident', 'follow-up'] as const satisfies RecordRow['kind'][];

const isoOf = (ms: number) => new Date(ms).toISOString();

/** One row of the log as cells. */
const logCells = (row: RecordRow): (string | number | null)[] => {
  const common = [row.seq, isoOf(row.at), recordKindNames[row.kind], row.homeName, row.person];
  if (row.kind === 'follow-up')
    return [
      ...common,
      null,
      null,
      null,
      null,
      row.body.text,
      row.body.owner,
      row.body.due,
      row.body.closed ? 'closed' : 'open',
    ];
  if (row.kind !== 'near-miss' && row.kind !== 'incident') return common;
  const { what, products, route, amount, symptoms, done } = row.body;
  return [
    ...common,
    products.join(' and '),
    route ? routeNames[route] : null,
    amount ?? null,
    symptoms ?? null,
    `${what} ${done}`,
    null,
    null,
    null,
  ];
};

async function* logOf(
  context: Context,
  filter: v.InferOutput<typeof filtered>,
): AsyncGenerator<RecordRow> {
  for (const kind of kinds) yield* eachRecord(context, { ...filter, kind });
}

/** The book and the log on paper and in files: docs/formats/never-combine.md. */
export const paperRoutes = (router: Router, context: Context): void => {
  router.get('/book/poster.pdf', async (request: Request, response: Response) => {
    await mayCall(context, 'person', request);
    const { size } = read(asked, request.query, 'query');
    const [{ name: company, emergencyNumber, poisonLine }, book, edition] = await Promise.all([
      theCompany(context),
      theBook(context),
      editionOf(context),
    ]);
    const pdf = await posterPdf(
      { company, emergencyNumber, poisonLine, edition, lines: posterLines(book) },
      size,
    );
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="never-together-${size}.pdf"`)
      .send(pdf);
  });

  serveStream(
    router,
    context,
    {
      path: '/book.csv',
      who: 'person',
      query: nothing,
      type: 'text/csv; charset=utf-8',
      fileName: 'never-combine.csv',
    },
    async function* () {
      yield csvLine(['pair', 'severity', 'routes', 'what_happens', 'what_to_do', 'source']);
      for (const { pair, severity, by, happens, remedy, source } of posterLines(
        await theBook(context),
      ))
        yield csvLine([pair, severityNames[severity], by, happens, remedy, source]);
    },
  );
  serveStream(
    router,
    context,
    {
      path: '/book.json',
      who: 'person',
      query: nothing,
      type: 'application/json',
      fileName: 'never-combine.json',
    },
    async function* () {
      const [book, own, edition] = await Promise.all([
        theBook(context),
        ownRules(context),
        editionOf(context),
      ]);
      const rules = book.map(({ id, one, other, by, source }) => ({ id, one, other, by, source }));
      yield `${JSON.stringify({ format: 'zymostat.never-combine/1', edition, rules, own }, null, 1)}\n`;
    },
  );

  serveStream(
    router,
    context,
    {
      path: '/mishaps.csv',
      who: 'supervisor',
      query: filtered,
      type: 'text/csv; charset=utf-8',
      fileName: 'near-misses.csv',
    },
    async function* (filter) {
      yield csvLine([
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
      for await (const row of logOf(context, filter)) yield csvLine(logCells(row));
    },
  );
  serveStream(
    router,
    context,
    {
      path: '/mishaps.json',
      who: 'supervisor',
      query: filtered,
      type: 'application/json',
      fileName: 'near-misses.json',
    },
    async function* (filter) {
      yield '{"format":"zymostat.near-misses/1","rows":[';
      let comma = '';
      for await (const row of logOf(context, filter)) {
        yield `${comma}\n${JSON.stringify(row)}`;
        comma = ',';
      }
      yield '\n]}\n';
    },
  );
};
