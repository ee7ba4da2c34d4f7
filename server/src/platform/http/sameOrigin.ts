import type { RequestHandler } from 'express';
import { problems } from './problems.ts';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

const hostOf = (origin: string): string | null => {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
};

/**
 * A change comes from this application's own page, or from no page at all. A page on another port
 * of the same machine sends the cookie too: who sends is told by the browser, and JSON is what no
 * form can send.
 */
export const sameOrigin: RequestHandler = (request, _response, next) => {
  if (reading.has(request.method)) return next();
  const site = request.get('sec-fetch-site');
  if (site !== undefined && site !== 'same-origin') throw problems.otherOrigin(site);
  const origin = request.get('origin');
  if (origin !== undefined && hostOf(origin) !== request.get('host'))
    throw problems.otherOrigin(origin.slice(0, 100));
  const length = Number(request.get('content-length') ?? 0);
  const hasBody = length > 0 || request.get('transfer-encoding') !== undefined;
  if (hasBody && !request.is('application/json')) {
    throw problems.notJsonType((request.get('content-type') ?? '').slice(0, 100));
  }
  next();
};
