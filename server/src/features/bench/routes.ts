import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as bench from './service.ts';

export const benchRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.stock, () => bench.stocksAtHand(context));
  serve(router, context, endpoints.batches, () => bench.newestBatches(context));
  serve(router, context, endpoints.pourBatch, ({ body, person }) =>
    bench.pourBatch(context, body, person),
  );
  serve(router, context, endpoints.addProduct, ({ body }) => bench.addProduct(context, body));
  serve(router, context, endpoints.editProduct, ({ params, body }) =>
    bench.editProduct(context, params.id, body),
  );
  serve(router, context, endpoints.checkBatch, ({ params, body, person }) =>
    bench.checkBatch(context, params.id, body, person),
  );
};
