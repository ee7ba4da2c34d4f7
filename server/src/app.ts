import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { openapi } from '@zymostat/contract';
import compression from 'compression';
import express, { type Express, type Router } from 'express';
import helmet from 'helmet';
import { batchRoutes } from './features/batches/routes.ts';
import { boardRoutes } from './features/board/routes.ts';
import { bookRoutes } from './features/book/routes.ts';
import { bottleRoutes } from './features/bottles/routes.ts';
import { homeRoutes } from './features/homes/routes.ts';
import { instrumentRoutes, type Instruments } from './features/instruments/routes.ts';
import { labelRoutes } from './features/labels/routes.ts';
import type { LedgerListener } from './platform/database/ledgerListener.ts';
import { liveRoutes } from './features/live/routes.ts';
import { mishapRoutes } from './features/mishaps/routes.ts';
import { peopleRoutes } from './features/people/routes.ts';
import { personOfToken } from './features/people/service.ts';
import { placeRoutes } from './features/places/routes.ts';
import { protocolRoutes } from './features/protocols/routes.ts';
import { recipeRoutes } from './features/recipes/routes.ts';
import { recordRoutes } from './features/records/routes.ts';
import { roundRoutes } from './features/rounds/routes.ts';
import { sessionRoutes } from './features/session/routes.ts';
import { sourceRoutes } from './features/sources/routes.ts';
import { stockRoutes } from './features/stock/routes.ts';
import { pageFolder } from './platform/config.ts';
import type { Context } from './platform/context.ts';
import { answerProblem } from './platform/http/answerProblem.ts';
import { identify } from './platform/http/caller.ts';
import { problems } from './platform/http/problems.ts';
import { numberRequests } from './platform/http/requestId.ts';
import { makeLog, type Logger } from './platform/log.ts';

/**
 * Only this origin, nothing inline: the page's style properties are set through the object model.
 */
const contentSecurity = {
  useDefaults: false,
  directives: {
    defaultSrc: ["'none'"],
    scriptSrc: ["'self'"],
    workerSrc: ["'self'"],
    styleSrc: ["'self'"],
    fontSrc: ["'self'"],
    imgSrc: ["'self'", 'data:'],
    connectSrc: ["'self'"],
    manifestSrc: ["'self'"],
    baseUri: ["'none'"],
    formAction: ["'self'"],
    frameAncestors: ["'none'"],
  },
};

/** What a server works with besides its context. */
interface Around {
  listener: LedgerListener;
  instruments?: Instruments;
  log?: Logger;
}

const addFeatures = (
  api: Router,
  context: Context,
  { listener, instruments = {} }: Around,
): void => {
  sessionRoutes(api, context);
  peopleRoutes(api, context);
  homeRoutes(api, context);
  boardRoutes(api, context);
  protocolRoutes(api, context);
  stockRoutes(api, context);
  batchRoutes(api, context);
  bottleRoutes(api, context);
  recipeRoutes(api, context);
  labelRoutes(api, context);
  instrumentRoutes(api, instruments);
  bookRoutes(api, context);
  placeRoutes(api, context);
  mishapRoutes(api, context);
  roundRoutes(api, context);
  sourceRoutes(api, context);
  recordRoutes(api, context);
  liveRoutes(api, listener);
};

const apiOf = (context: Context, around: Around): Router => {
  const api = express.Router();
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.use(express.json({ limit: '256kb' }));
  api.use(identify((token) => personOfToken(context, token)));
  addFeatures(api, context, around);
  const description = openapi();
  api.get('/openapi.json', (_request, response) => void response.json(description));
  api.use((request) => {
    throw problems.notFound('address', `${request.method} ${request.originalUrl}`);
  });
  return api;
};

/** The page, where it is built: any address that is no file is the page's own. */
const addPage = (app: Express, folder: string): void => {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }));
  app.use(express.static(folder, { index: false }));
  app.get('/{*path}', (_request, response) =>
    response.sendFile(join(folder, 'index.html'), { headers: { 'Cache-Control': 'no-cache' } }),
  );
};

export const createApp = (context: Context, around: Around): Express => {
  const { log = makeLog() } = around;
  const app = express();
  app.set('trust proxy', 'loopback');
  app.set('query parser', 'simple');
  // Answers are not stored by anybody: a tag to compare them by would be for nothing.
  app.set('etag', false);
  app.use(numberRequests(log));
  app.use(helmet({ contentSecurityPolicy: contentSecurity, strictTransportSecurity: false }));
  app.use(
    compression({
      filter: (request, response) =>
        !['/api/live', '/api/scale'].includes(request.path) &&
        compression.filter(request, response),
    }),
  );
  app.use('/api', apiOf(context, around));
  const folder = pageFolder();
  if (existsSync(folder)) addPage(app, folder);
  app.use(answerProblem(log));
  return app;
};
