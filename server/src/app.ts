import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { openapi } from '@zymostat/contract';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { QueryFailedError } from 'typeorm';
import type { Context } from './context.ts';
import { benchRoutes } from './features/bench/routes.ts';
import { bottleRoutes } from './features/bottles/routes.ts';
import { homeRoutes } from './features/homes/routes.ts';
import { instrumentRoutes, type Instruments } from './features/instruments/routes.ts';
import { keepApartRoutes } from './features/keepApart/routes.ts';
import { labelRoutes } from './features/labels/routes.ts';
import type { LedgerListener } from './features/live/listener.ts';
import { liveRoutes } from './features/live/routes.ts';
import { peopleRoutes } from './features/people/routes.ts';
import { protocolRoutes } from './features/protocols/routes.ts';
import { recipeRoutes } from './features/recipes/routes.ts';
import { recordRoutes } from './features/records/routes.ts';
import { roundRoutes } from './features/rounds/routes.ts';
import { sourceRoutes } from './features/sources/routes.ts';
import { wordsFor } from './http/language.ts';
import { ProblemError, problems } from './http/problems.ts';

const pageFolder = fileURLToPath(new URL('../../web/dist/', import.meta.url));

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

/**
 * PostgreSQL's classes of "not now": connection lost (08), shutting down or starting (57), too many
 * clients (53).
 */
const isUnavailable = (error: unknown): boolean => {
  const { code = '', message = '' } = ((error instanceof QueryFailedError
    ? error.driverError
    : error) ?? {}) as { code?: string; message?: string };
  return (
    /^(08|53|57)/.test(code) ||
    ['ECONNREFUSED', 'ECONNRESET', 'EPIPE'].includes(code) ||
    /Connection terminated|timeout exceeded when trying to connect|not queryable/i.test(message)
  );
};

const asProblem = (error: unknown): ProblemError => {
  if (error instanceof ProblemError) return error;
  if (isUnavailable(error)) return problems.unavailable();
  const { status, type } = error as { status?: number; type?: string };
  if (type === 'entity.parse.failed') return problems.unreadable('not-json');
  if (type === 'entity.too.large') return problems.unreadable('too-large');
  if (status !== undefined && status >= 400 && status < 500) return problems.unreadable('address');
  console.error(error);
  return problems.unexpected();
};

const answerProblem: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) return next(error);
  const problem = asProblem(error).inWords(wordsFor(request));
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
};

export const createApp = (
  context: Context,
  listener: LedgerListener,
  instruments: Instruments = {},
): Express => {
  const app = express();
  app.set('trust proxy', 'loopback');
  app.set('query parser', 'simple');
  // Answers are not stored by anybody: a tag to compare them by would be for nothing.
  app.set('etag', false);
  app.use(helmet({ contentSecurityPolicy: contentSecurity, strictTransportSecurity: false }));
  app.use(
    compression({
      filter: (request, response) =>
        !['/api/live', '/api/scale'].includes(request.path) &&
        compression.filter(request, response),
    }),
  );

  const api = express.Router();
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.use(express.json({ limit: '256kb' }));
  peopleRoutes(api, context);
  homeRoutes(api, context);
  protocolRoutes(api, context);
  benchRoutes(api, context);
  bottleRoutes(api, context);
  recipeRoutes(api, context);
  labelRoutes(api, context);
  instrumentRoutes(api, context, instruments);
  keepApartRoutes(api, context);
  roundRoutes(api, context);
  sourceRoutes(api, context);
  recordRoutes(api, context);
  liveRoutes(api, context, listener);
  const description = openapi();
  api.get('/openapi.json', (_request, response) => void response.json(description));
  api.use((request) => {
    throw problems.notFound('address', `${request.method} ${request.originalUrl}`);
  });
  app.use('/api', api);

  if (existsSync(pageFolder)) {
    app.use(
      '/assets',
      express.static(join(pageFolder, 'assets'), { immutable: true, maxAge: '1y' }),
    );
    app.use(express.static(pageFolder, { index: false }));
    app.get('/{*path}', (_request, response) =>
      response.sendFile(join(pageFolder, 'index.html'), {
        headers: { 'Cache-Control': 'no-cache' },
      }),
    );
  }
  app.use(answerProblem);
  return app;
};
