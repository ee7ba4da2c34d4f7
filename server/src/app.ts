import type { KeyObject } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { openapi } from '@zymostat/contract';
import compression from 'compression';
import express, { type Express, type Router } from 'express';
import helmet from 'helmet';
import { batchRoutes } from './features/batches/routes.ts';
import { beginningRoutes } from './features/beginning/routes.ts';
import { boardRoutes } from './features/board/routes.ts';
import { bookRoutes } from './features/book/routes.ts';
import { visitRoutes } from './features/visits/routes.ts';
import { weekRoutes } from './features/week/routes.ts';
import { jarRoutes } from './features/jars/routes.ts';
import { bottleRoutes } from './features/bottles/routes.ts';
import { findRoutes } from './features/find/routes.ts';
import { homeRoutes } from './features/homes/routes.ts';
import { instrumentRoutes, type Instruments } from './features/instruments/routes.ts';
import { labelRoutes } from './features/labels/routes.ts';
import { liveRoutes } from './features/live/routes.ts';
import { mishapRoutes } from './features/mishaps/routes.ts';
import { invitationRoutes } from './features/people/invitationRoutes.ts';
import { peopleRoutes } from './features/people/routes.ts';
import { forgetSession, personOfToken } from './features/people/service.ts';
import { needRoutes } from './features/needs/routes.ts';
import { photoRoutes } from './features/photos/routes.ts';
import { placeRoutes } from './features/places/routes.ts';
import { protocolRoutes } from './features/protocols/routes.ts';
import { recipeRoutes } from './features/recipes/routes.ts';
import { recordRoutes } from './features/records/routes.ts';
import { reportRoutes } from './features/reports/routes.ts';
import { roundRoutes } from './features/rounds/routes.ts';
import { sessionRoutes } from './features/session/routes.ts';
import { sourceRoutes } from './features/sources/routes.ts';
import { stockRoutes } from './features/stock/routes.ts';
import { trendRoutes } from './features/trends/routes.ts';
import { verificationRoutes } from './features/verification/routes.ts';
import { pageFolder, trustedProxies } from './platform/config.ts';
import type { Notices } from './platform/database/notices.ts';
import { answerProblem } from './platform/http/answerProblem.ts';
import { health } from './platform/http/health.ts';
import { identify } from './platform/http/caller.ts';
import { OpenStreams } from './platform/http/openStreams.ts';
import { problems } from './platform/http/problems.ts';
import { numberRequests } from './platform/http/requestId.ts';
import { sameOrigin } from './platform/http/sameOrigin.ts';
import type { Serving } from './platform/http/serve.ts';
import { measured } from './platform/metrics.ts';
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

/** What a server works with: one context to write by, one to read by, one for reports. */
export type Contexts = Omit<Serving, 'router' | 'streams'>;

/** What a server works with besides. */
interface Around {
  key: KeyObject;
  notices: Notices;
  instruments?: Instruments;
  log?: Logger;
}

const addFeatures = (on: Serving, { notices, key, instruments = {} }: Around): void => {
  sessionRoutes(on);
  peopleRoutes(on);
  invitationRoutes(on);
  beginningRoutes(on);
  homeRoutes(on);
  boardRoutes(on);
  protocolRoutes(on);
  stockRoutes(on);
  batchRoutes(on);
  bottleRoutes(on);
  jarRoutes(on);
  visitRoutes(on);
  weekRoutes(on);
  recipeRoutes(on);
  labelRoutes(on);
  instrumentRoutes(on, instruments);
  bookRoutes(on);
  placeRoutes(on);
  mishapRoutes(on);
  roundRoutes(on);
  photoRoutes(on);
  needRoutes(on);
  findRoutes(on);
  sourceRoutes(on);
  recordRoutes(on, key);
  reportRoutes(on, key);
  trendRoutes(on);
  verificationRoutes(on, key);
  liveRoutes(on, notices);
};

const apiOf = (contexts: Contexts, around: Around, open: OpenStreams): Router => {
  const api = express.Router();
  api.use((_request, response, next) => {
    // By it a phone learns how far its own clock is off.
    response.set({ 'Cache-Control': 'no-store', 'Server-Time': String(contexts.read.now()) });
    next();
  });
  api.use(sameOrigin);
  api.use(identify(open.callerOf));
  around.notices.on('session', (tokenHash) => {
    forgetSession(tokenHash);
    void open.recheck();
  });
  addFeatures({ router: api, streams: open, ...contexts }, around);
  const description = openapi();
  api.get('/openapi.json', (_request, response) => void response.json(description));
  api.use((request) => {
    throw problems.notFound('address', `${request.method} ${request.originalUrl}`);
  });
  return api;
};

/** The page, where it is built: any address that is no file is the page's own. */
const addPage = (app: Express, folder: string): void => {
  const assets = { immutable: true, maxAge: '1y', fallthrough: false } as const;
  app.use('/assets', express.static(join(folder, 'assets'), assets));
  app.use(express.static(folder, { index: false }));
  app.get('/{*path}', (_request, response) =>
    response.sendFile(join(folder, 'index.html'), { headers: { 'Cache-Control': 'no-cache' } }),
  );
};

/** The application, and the streams that it holds open. */
export const createApp = (
  contexts: Contexts,
  around: Around,
): Express & { locals: { open: OpenStreams } } => {
  const { log = makeLog() } = around;
  const app = express();
  app.set('trust proxy', trustedProxies());
  app.set('query parser', 'simple');
  // Answers are not stored by anybody: a tag to compare them by would be for nothing.
  app.set('etag', false);
  app.use(numberRequests(log));
  app.use(measured);
  app.get('/healthz', health(contexts.read));
  app.use(helmet({ contentSecurityPolicy: contentSecurity, strictTransportSecurity: false }));
  app.use(
    compression({
      filter: (request, response) =>
        !['/api/live', '/api/scale'].includes(request.path) &&
        compression.filter(request, response),
    }),
  );
  const open = new OpenStreams((token) => personOfToken(contexts.read, token));
  app.use('/api', apiOf(contexts, around, open));
  const folder = pageFolder();
  if (existsSync(folder)) addPage(app, folder);
  app.use(answerProblem(log));
  return Object.assign(app, { locals: { open } });
};
