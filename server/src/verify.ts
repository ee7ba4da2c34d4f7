import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import type { RecordBreak } from '@zymostat/contract';
import { connectReaders } from './database/connect.ts';
import { checkAnchor } from './features/records/anchors.ts';
import { anchorsIn } from './features/records/anchorsIn.ts';
import { rebuildWet, verifyAll } from './features/verification/verifyAll.ts';
import { asOfOneMoment, liveContext } from './platform/context.ts';
import { databaseUrl } from './platform/config.ts';

const { values } = parseArgs({
  options: { anchors: { type: 'string' }, rebuild: { type: 'boolean' } },
});

const where: Record<RecordBreak['code'], (found: RecordBreak) => string> = {
  number: ({ seq }) => `row ${seq}: its number does not follow the one before`,
  link: ({ seq }) => `row ${seq}: it does not carry the hash of the row before`,
  content: ({ seq }) => `row ${seq}: its content does not match its own hash`,
  'row-changed': ({ table, id, seq }) => `${table} ${id}: not as row ${seq} says of it`,
  'row-missing': ({ table, id, seq }) => `${table} ${id}: row ${seq} speaks of it, and it is gone`,
  'row-unspoken': ({ table, id }) => `${table} ${id}: no row speaks of it`,
  'wet-differs': ({ homeId, surfaceId }) =>
    `surface ${surfaceId} of home ${homeId}: what is kept of it is not what was done there`,
  'guard-off': ({ name }) => `${name}: what refuses changes is switched off or gone`,
  'anchor-signature': ({ seq }) => `anchor of row ${seq}: not signed by the key that it names`,
  'anchor-missing': ({ seq }) => `anchor of row ${seq}: the record ends before it`,
  'anchor-differs': ({ seq }) => `anchor of row ${seq}: the record was another then`,
};
const unprotectedMeans = {
  superuser: 'this role may do anything, being a superuser',
  owner: 'this role owns the ledger and may switch its guards off',
  'may-change': 'this role may change or remove rows of the ledger',
};

let broken = 0;
const tell = (found: RecordBreak): void => {
  broken += 1;
  const { found: is, expected } = found;
  const figures = expected === undefined ? '' : ` (found ${is ?? 'nothing'}, expected ${expected})`;
  console.error(`Broken at ${where[found.code](found)}${figures}.`);
};

const db = await connectReaders(databaseUrl());
if (values.rebuild) {
  await rebuildWet(liveContext(db));
  console.log('What is wet was worked out anew from the ledger.');
}
const { rows, head, unprotected } = await asOfOneMoment({ db: db.manager }, (inside) =>
  verifyAll(inside, tell),
);
const anchors = values.anchors ? anchorsIn(readFileSync(values.anchors, 'utf8')) : [];
for (const anchor of anchors) (await checkAnchor({ db: db.manager }, anchor)).forEach(tell);
await db.destroy();

for (const one of unprotected) console.log(`Not protected: ${unprotectedMeans[one]}.`);
if (values.anchors) console.log(`${anchors.length} anchors were compared.`);
console.log(`Head: row ${head.seq}, ${head.hash}`);
console.log(broken === 0 ? `All ${rows} rows hold.` : `${broken} breaks in ${rows} rows.`);
process.exitCode = broken === 0 ? 0 : 1;
