import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import * as bottles from './service.ts';

export const bottleRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.bottles, () => bottles.allBottles(context));
  serve(router, endpoints.addBottle, ({ body }) => bottles.addBottle(context, body));
  serve(router, endpoints.fillBottle, ({ params, body, person }) =>
    bottles.fillBottle(context, params.id, body.batchId, person),
  );
  serve(router, endpoints.washBottle, ({ params, body, person }) =>
    bottles.washBottle(context, params.id, body, person),
  );
};
