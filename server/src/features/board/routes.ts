import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { homeRows } from './service.ts';

export const boardRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.homes, () => homeRows(context));
};
