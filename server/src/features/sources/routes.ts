import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { checkedSources, checkSource } from './service.ts';

export const sourceRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.sources, () => checkedSources(context));
  serve(router, endpoints.checkSource, ({ body, person }) => checkSource(context, body, person));
};
