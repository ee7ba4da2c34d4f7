import { databaseUrl } from './platform/config.ts';
import { connect } from './database/connect.ts';

const db = await connect(databaseUrl());
await db.destroy();
