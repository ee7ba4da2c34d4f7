import { createServer } from 'node:http';
import { createApp } from './app.ts';
import { databaseUrl, instruments, port } from './config.ts';
import { liveContext } from './context.ts';
import { connect } from './database/connect.ts';
import { ledgerListener } from './features/live/listener.ts';

const url = databaseUrl();
const db = await connect(url);
const listener = ledgerListener(url);
const server = createServer(createApp(liveContext(db), listener, instruments()));

server.listen(port(), '127.0.0.1', () => {
  const address = server.address();
  console.log(
    `Zymostat listens on http://127.0.0.1:${typeof address === 'object' && address ? address.port : port()}`,
  );
});

const stop = async () => {
  server.close();
  server.closeAllConnections();
  await listener.close();
  await db.destroy().catch(() => undefined);
  process.exit(0);
};
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
