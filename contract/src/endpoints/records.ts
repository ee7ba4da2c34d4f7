import * as v from 'valibot';
import { record, recordKinds } from '../facts/index.ts';
import { id, wholeText } from '../parts/text.ts';
import { routes, streamRoutes } from '../routes.ts';
import { endpoint, stream } from './endpoint.ts';

export const recordFilter = v.strictObject({
  homeId: v.optional(id),
  kind: v.optional(v.picklist(recordKinds)),
  from: v.optional(wholeText),
  to: v.optional(wholeText),
  before: v.optional(wholeText),
  limit: v.optional(v.pipe(wholeText, v.minValue(1), v.maxValue(500)), '100'),
});

export const records = v.strictObject({ rows: v.array(record), more: v.boolean() });

export type RecordFilter = v.InferOutput<typeof recordFilter>;

export type Records = v.InferOutput<typeof records>;
const exportFilter = v.omit(recordFilter, ['before', 'limit']);
export type ExportFilter = v.InferOutput<typeof exportFilter>;

export const recordsEndpoints = {
  records: endpoint(routes.records, 'supervisor', 'Rows of the ledger, newest first', {
    query: recordFilter,
    answer: records,
  }),
} as const;

export const recordsStreams = {
  recordsCsv: stream(
    streamRoutes.recordsCsv,
    'supervisor',
    'Rows of the ledger as a table, oldest first',
    { type: 'text/csv', query: exportFilter },
  ),
  recordsJson: stream(
    streamRoutes.recordsJson,
    'supervisor',
    'Rows of the ledger as they stand, oldest first',
    { type: 'application/json', query: exportFilter },
  ),
  live: stream(
    streamRoutes.live,
    'person',
    'Which things each new fact touches, as they are written down',
    { type: 'text/event-stream' },
  ),
} as const;
