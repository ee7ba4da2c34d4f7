import { inFours } from '@zymostat/words';
import { connectWriters } from './database/connect.ts';
import { newSetUpCode } from './features/people/begin.ts';
import { databaseUrl } from './platform/config.ts';
import { liveContext } from './platform/context.ts';

/** Prints the code by which a company may begin, or nothing where one has begun. */
const db = await connectWriters(databaseUrl());
const code = await newSetUpCode(liveContext(db));
await db.destroy();
if (code) console.log(inFours(code));
