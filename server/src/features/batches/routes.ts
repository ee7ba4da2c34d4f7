import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { checkBatch } from './check.ts';
import { pourBatch } from './pour.ts';
import { newestBatches } from './service.ts';

export const batchRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.batches, () => newestBatches(context));
  serve(router, endpoints.pourBatch, ({ body, person }) => pourBatch(context, body, person));
  serve(router, endpoints.checkBatch, ({ params, body, person }) =>
    checkBatch(context, params.id, body, person),
  );
};
