import { endpoints, streams } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve, serveLines } from '../../platform/http/serve.ts';
import { recordsCsv, recordsJson } from './files.ts';
import { findRecords } from './service.ts';

export const recordRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.records, ({ query }) => findRecords(context, query));
  serveLines(router, streams.recordsCsv, 'records.csv', ({ query, words }) =>
    recordsCsv(context, query, words),
  );
  serveLines(router, streams.recordsJson, 'records.json', ({ query }) =>
    recordsJson(context, query),
  );
};
