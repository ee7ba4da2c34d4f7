import { ownerUrl } from './platform/config.ts';
import { connectWriters, migrateAt } from './database/connect.ts';
import { fillWet } from './features/verification/verifyAll.ts';
import { liveContext } from './platform/context.ts';

await migrateAt(ownerUrl());
// A version that keeps how surfaces stand in another way has emptied it: whoever verifies now, as
// after restoring an older backup, must find it whole.
const db = await connectWriters(ownerUrl());
await fillWet(liveContext(db));
await db.destroy();
