import cluster from 'node:cluster';
import { migrateAt } from './database/connect.ts';
import { startMany } from './manyServers.ts';
import { metricsPort, ownerUrl, processes } from './platform/config.ts';
import { measureProcess, serveMetrics } from './platform/metrics.ts';
import { startServer } from './startServer.ts';

const many = processes() > 1;
if (cluster.isPrimary) {
  await migrateAt(ownerUrl());
  const port = metricsPort();
  if (port !== undefined) serveMetrics(port);
}
if (cluster.isPrimary && many) startMany(processes());
else {
  measureProcess();
  await startServer();
}
