import * as v from 'valibot';
import { batch, pourBatch, reading } from '../messages/batches.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

const MOST_COPIES = 24;
/** How labels lie on a sheet: which size, how many, and from which place of an A4 sheet. */
export const labelSheet = v.strictObject({
  size: v.optional(v.picklist(['62x100', 'A6'], 'label-sizes'), '62x100'),
  copies: v.optional(
    v.pipe(
      v.string(),
      v.regex(/^\d{1,2}$/, 'whole-copies'),
      v.transform(Number),
      v.minValue(1, 'least-copies'),
      v.maxValue(MOST_COPIES, 'most-copies'),
    ),
    '1',
  ),
  place: v.optional(
    v.pipe(v.string(), v.regex(/^[1-6]$/, 'sheet-place'), v.transform(Number)),
    '1',
  ),
});
export type LabelSheet = v.InferOutput<typeof labelSheet>;

export const batchesEndpoints = {
  batches: endpoint(routes.batches, 'person', 'Batches made, newest first', {
    answer: v.array(batch),
  }),
  pourBatch: endpoint(routes.pourBatch, 'person', 'Record a batch', {
    body: pourBatch,
    answer: batch,
  }),
  checkBatch: endpoint(
    routes.checkBatch,
    'person',
    'Check a finished batch by meter or strip: verified, or set aside',
    { params: byId, body: reading, answer: batch },
  ),
} as const;

export const batchesStreams = {
  batchLabel: stream(streamRoutes.batchLabel, 'person', 'The label of a batch, to be printed', {
    type: 'application/pdf',
    params: byId,
    query: labelSheet,
  }),
} as const;
