import type { RequestHandler } from 'express';
import { setTimeout as pause } from 'node:timers/promises';
import { isThere } from '../database/isThere.ts';
import type { Context } from '../context.ts';

/** A database that takes longer is as good as away, ms. */
const PATIENCE_MS = 2000;

/** Whether this server can do its work: its database answers. */
export const isHealthy = async (context: Pick<Context, 'db'>): Promise<boolean> => {
  const late = new AbortController();
  const tooLate = pause(PATIENCE_MS, false, { signal: late.signal }).catch(() => false);
  const there = isThere(context).catch(() => false);
  const found = await Promise.race([there, tooLate]);
  late.abort();
  return found;
};

/** Tells whoever watches over the server, and nothing else. */
export const health =
  (context: Pick<Context, 'db'>): RequestHandler =>
  async (_request, response) => {
    const well = await isHealthy(context);
    response
      .status(well ? 200 : 503)
      .set('Cache-Control', 'no-store')
      .json({ well });
  };
