import { createServer } from 'node:http';
import { createApp } from './app.ts';
import { connectReaders, connectWriters } from './database/connect.ts';
import { sweepHourly } from './features/session/sweep.ts';
import { verifyDaily } from './features/verification/daily.ts';
import { fillWet } from './features/verification/verifyAll.ts';
import {
  anchorsFile,
  databaseUrl,
  instruments,
  keyFile,
  port,
  reportsUrl,
} from './platform/config.ts';
import { liveContext } from './platform/context.ts';
import { listenTo } from './platform/database/notices.ts';
import { signingKey } from './platform/keys.ts';
import { makeLog } from './platform/log.ts';
import { closeThreads } from './platform/threads.ts';

/** What a server works with, and how to let go of it. */
const connectAll = async (url: string) => {
  const writers = await connectWriters(url);
  const readers = await connectReaders(url);
  const reports = reportsUrl();
  const replica = reports === undefined ? readers : await connectReaders(reports);
  return {
    contexts: {
      write: liveContext(writers),
      read: liveContext(readers),
      report: liveContext(replica),
    },
    close: async () => {
      for (const one of new Set([writers, readers, replica]))
        await one.destroy().catch(() => undefined);
    },
  };
};

/** Starts one server, until it is told to stop. The database is migrated already. */
export const startServer = async (): Promise<void> => {
  const url = databaseUrl();
  const { contexts, close } = await connectAll(url);
  await fillWet(contexts.write);
  const notices = listenTo(url);
  const log = makeLog();
  const key = signingKey(keyFile());
  const app = createApp(contexts, { notices, key, instruments: instruments(), log });
  const server = createServer(app);
  server.listen(port(), '127.0.0.1', () => log.info({ address: server.address() }, 'listening'));
  const stopVerifying = verifyDaily(contexts.write, { key, anchorsFile: anchorsFile(), log });
  const stopSweeping = sweepHourly(contexts.write, log);

  const stop = async () => {
    stopSweeping();
    stopVerifying();
    app.locals.open.close();
    server.close();
    server.closeAllConnections();
    await closeThreads();
    await notices.close();
    await close();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
};
