import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import * as stock from './service.ts';

export const stockRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.stock, () => stock.stocksAtHand(context));
  serve(router, endpoints.addProduct, ({ body }) => stock.addProduct(context, body));
  serve(router, endpoints.editProduct, ({ params, body }) =>
    stock.editProduct(context, params.id, body),
  );
};
