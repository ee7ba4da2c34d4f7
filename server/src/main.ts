import cluster from 'node:cluster';
import { migrateAt } from './database/connect.ts';
import { startMany } from './manyServers.ts';
import { ownerUrl, processes } from './platform/config.ts';
import { startServer } from './startServer.ts';

if (cluster.isPrimary) await migrateAt(ownerUrl());
if (cluster.isPrimary && processes() > 1) startMany(processes());
else await startServer();
