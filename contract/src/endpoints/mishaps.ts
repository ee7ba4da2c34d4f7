import * as v from 'valibot';
import { record } from '../facts/index.ts';
import { newFollowUp, newMishap } from '../messages/mishaps.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';
import { recordFilter } from './records.ts';

const logFilter = v.pick(recordFilter, ['homeId', 'from', 'to']);
export type LogFilter = v.InferOutput<typeof logFilter>;

export const mishapsEndpoints = {
  mishaps: endpoint(routes.mishaps, 'person', 'Near misses and incidents, newest first', {
    answer: v.array(record),
  }),
  logMishap: endpoint(routes.logMishap, 'person', 'Log a near miss or an incident', {
    body: newMishap,
    answer: record,
  }),
  followUp: endpoint(
    routes.followUp,
    'supervisor',
    'Say what follows from a near miss or incident, and whether that closes it',
    { params: byId, body: newFollowUp, answer: record },
  ),
} as const;

export const mishapsStreams = {
  mishapsCsv: stream(streamRoutes.mishapsCsv, 'supervisor', 'The log as a table', {
    type: 'text/csv',
    query: logFilter,
  }),
  mishapsJson: stream(
    streamRoutes.mishapsJson,
    'supervisor',
    'The log, every row as it stands in the ledger',
    { type: 'application/json', query: logFilter },
  ),
} as const;
