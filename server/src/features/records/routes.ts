import { endpoints, recordFilter } from '@zymostat/contract';
import type { Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../../context.ts';
import { serve, serveStream } from '../../http/serve.ts';
import { csvOf, recordsHead } from './csv.ts';
import { eachRecord, findRecords } from './service.ts';

const exported = v.omit(recordFilter, ['before', 'limit']);

export const recordRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.records, ({ query }) => findRecords(context, query));

  serveStream(
    router,
    context,
    {
      path: '/records.csv',
      who: 'supervisor',
      query: exported,
      type: 'text/csv; charset=utf-8',
      fileName: 'records.csv',
    },
    async function* (filter, words) {
      yield recordsHead(words);
      for await (const row of eachRecord(context, filter)) yield csvOf(words, row);
    },
  );

  serveStream(
    router,
    context,
    {
      path: '/records.json',
      who: 'supervisor',
      query: exported,
      type: 'application/json',
      fileName: 'records.json',
    },
    async function* (filter) {
      yield '{"format":"zymostat.records/1","rows":[';
      let comma = '';
      for await (const row of eachRecord(context, filter)) {
        yield `${comma}\n${JSON.stringify(row)}`;
        comma = ',';
      }
      yield '\n]}\n';
    },
  );
};
