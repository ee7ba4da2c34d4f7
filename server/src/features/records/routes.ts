import type { KeyObject } from 'node:crypto';
import { endpoints, streams } from '@zymostat/contract';
import { serve, serveLines, type Serving } from '../../platform/http/serve.ts';
import { recordsCsv, recordsJson } from './files.ts';
import { findRecords } from './service.ts';

export const recordRoutes = (on: Serving, key: KeyObject): void => {
  serve(on, endpoints.records, ({ context, query }) => findRecords(context, query));
  serveLines(on, streams.recordsCsv, 'records.csv', ({ context, query, words }) =>
    recordsCsv(context, query, { words, key }),
  );
  serveLines(on, streams.recordsJson, 'records.json', ({ context, query }) =>
    recordsJson(context, query, key),
  );
};
