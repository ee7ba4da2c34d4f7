import type { Request, Response, Router } from 'express';
import type { Context } from '../../context.ts';
import { mayCall } from '../../http/serve.ts';
import type { LedgerListener } from './listener.ts';

const KEEP_ALIVE_MS = 25_000;

/**
 * Server-sent events: one line each time the ledger grows, saying only what kind of fact it was.
 */
export const liveRoutes = (router: Router, context: Context, listener: LedgerListener): void => {
  router.get('/live', async (request: Request, response: Response) => {
    await mayCall(context, 'person', request);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    const stop = listener.listen((kind) => response.write(`data: ${kind}\n\n`));
    const beat = setInterval(() => response.write(': still here\n\n'), KEEP_ALIVE_MS);
    request.on('close', () => {
      stop();
      clearInterval(beat);
    });
  });
};
