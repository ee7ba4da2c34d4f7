import { endpoints, streams } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve, serveLines } from '../../platform/http/serve.ts';
import { logCsv, logJson } from './log.ts';
import * as mishaps from './service.ts';

export const mishapRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.mishaps, () => mishaps.mishaps(context));
  serve(router, endpoints.logMishap, ({ body, person }) =>
    mishaps.logMishap(context, body, person),
  );
  serve(router, endpoints.followUp, ({ params, body, person }) =>
    mishaps.followUp(context, params.id, body, person),
  );
  serveLines(router, streams.mishapsCsv, 'near-misses.csv', ({ query, words }) =>
    logCsv(context, query, words),
  );
  serveLines(router, streams.mishapsJson, 'near-misses.json', ({ query }) =>
    logJson(context, query),
  );
};
