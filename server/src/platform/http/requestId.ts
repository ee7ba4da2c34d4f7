import { randomUUID } from 'node:crypto';
import type { Request, RequestHandler } from 'express';
import type { Logger } from '../log.ts';

interface Numbered extends Request {
  requestId?: string;
}

/** What a request is called in the log, and in the problem document that answers it. */
export const requestIdOf = (request: Request): string | undefined =>
  (request as Numbered).requestId;

/** Gives each request an id, and logs it when it was answered: how, and how long it took in ms. */
export const numberRequests =
  (log: Logger): RequestHandler =>
  (request: Numbered, response, next) => {
    const begun = performance.now();
    const id = randomUUID();
    request.requestId = id;
    response.set('X-Request-Id', id);
    response.on('finish', () => {
      const ms = Math.round((performance.now() - begun) * 10) / 10;
      const { method, originalUrl: url } = request;
      log.info({ id, method, url: url.split('?')[0], status: response.statusCode, ms });
    });
    next();
  };
