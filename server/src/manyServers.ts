import cluster from 'node:cluster';
import { setTimeout as pause } from 'node:timers/promises';
import { makeLog } from './platform/log.ts';

const SOON_MS = 1000;

/**
 * Starts as many servers as asked for behind one port; one that ends by itself is started again.
 * They share nothing but the database.
 */
export const startMany = (count: number): void => {
  const log = makeLog();
  let stopping = false;
  cluster.on('exit', (worker, code, signal) => {
    if (stopping) return;
    log.error({ pid: worker.process.pid, code, signal }, 'server-ended');
    void pause(SOON_MS).then(() => !stopping && cluster.fork());
  });
  for (let i = 0; i < count; i += 1) cluster.fork();

  const stop = (signal: NodeJS.Signals) => {
    stopping = true;
    for (const worker of Object.values(cluster.workers ?? {})) worker?.process.kill(signal);
    cluster.disconnect(() => process.exit(0));
  };
  process.on('SIGINT', () => stop('SIGINT'));
  process.on('SIGTERM', () => stop('SIGTERM'));
};
