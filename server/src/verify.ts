import { connect } from './database/connect.ts';
import { liveContext } from './platform/context.ts';
import { databaseUrl } from './platform/config.ts';
import { verifyChain } from './features/records/service.ts';

const found = {
  number: 'its number does not follow the one before: a row is missing or doubled',
  link: 'it does not carry the hash of the row before',
  content: 'its content does not match its own hash',
};

const db = await connect(databaseUrl());
const { rows, broken } = await verifyChain(liveContext(db));
await db.destroy();
if (broken) {
  console.error(`Broken at row ${broken.seq}: ${found[broken.why]}. ${rows} rows before it hold.`);
  process.exitCode = 1;
} else {
  console.log(`All ${rows} rows hold.`);
}
