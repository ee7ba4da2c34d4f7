import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { checkBatch } from './check.ts';
import { pourBatch } from './pour.ts';
import { newestBatches } from './service.ts';

export const batchRoutes = (on: Serving): void => {
  serve(on, endpoints.batches, ({ context }) => newestBatches(context));
  serve(on, endpoints.pourBatch, ({ context, body, person }) => pourBatch(context, body, person));
  serve(on, endpoints.checkBatch, ({ context, params, body, person }) =>
    checkBatch(context, params.id, body, person),
  );
};
