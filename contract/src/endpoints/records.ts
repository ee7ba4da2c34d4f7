import { stretchOutcomes } from '@zymostat/core';
import * as v from 'valibot';
import { record, recordKinds } from '../facts/index.ts';
import { id, wholeText, zone } from '../parts/text.ts';
import { routes, streamRoutes } from '../routes.ts';
import { endpoint, stream } from './endpoint.ts';

export const recordFilter = v.strictObject({
  homeId: v.optional(id),
  kind: v.optional(v.picklist(recordKinds)),
  personId: v.optional(id),
  /** A batch or a stock container by its code. */
  batch: v.optional(v.pipe(v.string(), v.trim(), v.maxLength(40, 'too-long'))),
  /** Wet times by what came of them. */
  outcome: v.optional(v.picklist(stretchOutcomes)),
  from: v.optional(wholeText),
  to: v.optional(wholeText),
  before: v.optional(wholeText),
  limit: v.optional(v.pipe(wholeText, v.minValue(1), v.maxValue(500)), '100'),
});

export const records = v.strictObject({ rows: v.array(record), more: v.boolean() });

export type RecordFilter = v.InferOutput<typeof recordFilter>;

export type Records = v.InferOutput<typeof records>;
/** `zone`: local times too, of an IANA time zone; `decimal`: how the spreadsheet writes 1.5. */
const exportFilter = v.strictObject({
  ...v.omit(recordFilter, ['before', 'limit']).entries,
  zone: v.optional(zone),
  decimal: v.optional(v.picklist(['point', 'comma']), 'point'),
});
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
