import * as v from 'valibot';
import { record, recordKinds } from '../facts/index.ts';
import { id } from '../parts/text.ts';
import { routes, streamRoutes } from '../routes.ts';
import { endpoint, stream } from './endpoint.ts';

/** Query strings are text: whole numbers are read from it. */
const whole = v.pipe(
  v.string(),
  v.regex(/^\d{1,15}$/, 'whole-number-allowed'),
  v.transform(Number),
);

export const recordFilter = v.strictObject({
  homeId: v.optional(id),
  kind: v.optional(v.picklist(recordKinds)),
  from: v.optional(whole),
  to: v.optional(whole),
  before: v.optional(whole),
  limit: v.optional(v.pipe(whole, v.minValue(1), v.maxValue(500)), '100'),
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
