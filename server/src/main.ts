import { createServer } from 'node:http';
import { createApp } from './app.ts';
import { databaseUrl, instruments, port } from './platform/config.ts';
import { liveContext } from './platform/context.ts';
import { connect } from './database/connect.ts';
import { ledgerListener } from './platform/database/ledgerListener.ts';
import { makeLog } from './platform/log.ts';

const url = databaseUrl();
const db = await connect(url);
const listener = ledgerListener(url);
const log = makeLog();
const app = createApp(liveContext(db), { listener, instruments: instruments(), log });
const server = createServer(app);

server.listen(port(), '127.0.0.1', () => log.info({ address: server.address() }, 'listening'));

const stop = async () => {
  server.close();
  server.closeAllConnections();
  await listener.close();
  await db.destroy().catch(() => undefined);
  process.exit(0);
};
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
