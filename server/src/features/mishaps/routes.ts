import { endpoints, streams } from '@zymostat/contract';
import { serve, serveLines, type Serving } from '../../platform/http/serve.ts';
import { logCsv, logJson } from './log.ts';
import * as mishaps from './service.ts';

export const mishapRoutes = (on: Serving): void => {
  serve(on, endpoints.mishaps, ({ context }) => mishaps.mishaps(context));
  serve(on, endpoints.logMishap, ({ context, body, person }) =>
    mishaps.logMishap(context, body, person),
  );
  serve(on, endpoints.followUp, ({ context, params, body, person }) =>
    mishaps.followUp(context, params.id, body, person),
  );
  serveLines(on, streams.mishapsCsv, 'near-misses.csv', ({ context, query, words }) =>
    logCsv(context, query, words),
  );
  serveLines(on, streams.mishapsJson, 'near-misses.json', ({ context, query }) =>
    logJson(context, query),
  );
};
