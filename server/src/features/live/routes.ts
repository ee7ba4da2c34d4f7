import { streams, thingsTouchedBy } from '@zymostat/contract';
import type { Router } from 'express';
import { serveEvents } from '../../platform/http/serve.ts';
import type { LedgerListener } from '../../platform/database/ledgerListener.ts';

/** One line each time the ledger grows: the things that the new fact touches. */
export const liveRoutes = (router: Router, listener: LedgerListener): void => {
  serveEvents(router, streams.live, (tell) =>
    listener.listen((kind) => tell([...thingsTouchedBy(kind), 'Records'].join(' '))),
  );
};
