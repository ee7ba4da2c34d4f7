import { ownerUrl } from './platform/config.ts';
import { migrateAt } from './database/connect.ts';

await migrateAt(ownerUrl());
