import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import { checkedSources, checkSource } from './service.ts';

export const sourceRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.sources, () => checkedSources(context));
  serve(router, context, endpoints.checkSource, ({ body, person }) =>
    checkSource(context, body, person),
  );
};
