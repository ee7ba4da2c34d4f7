import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as bottles from './service.ts';

export const bottleRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.bottles, () => bottles.allBottles(context));
  serve(router, context, endpoints.addBottle, ({ body }) => bottles.addBottle(context, body));
  serve(router, context, endpoints.fillBottle, ({ params, body, person }) =>
    bottles.fillBottle(context, params.id, body.batchId, person),
  );
  serve(router, context, endpoints.washBottle, ({ params, body, person }) =>
    bottles.washBottle(context, params.id, body, person),
  );
};
