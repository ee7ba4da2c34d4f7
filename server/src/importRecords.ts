import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { connectWriters } from './database/connect.ts';
import { importLedger } from './features/records/importLedger.ts';
import { liveContext } from './platform/context.ts';
import { databaseUrl } from './platform/config.ts';

const [file] = process.argv.slice(2);
if (!file) throw new Error('found no file: allowed is the path of an exported records.json');

const db = await connectWriters(databaseUrl());
const { rows, head } = await importLedger(liveContext(db), () =>
  createInterface({ input: createReadStream(file, 'utf8') }),
);
await db.destroy();
console.log(`${rows} rows were imported.`);
console.log(`Head: row ${head.seq}, ${head.hash}`);
