import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as keepApart from './service.ts';

export const keepApartRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.mishaps, () => keepApart.mishaps(context));
  serve(router, context, endpoints.logMishap, ({ body, person }) => keepApart.logMishap(context, body, person));
};
