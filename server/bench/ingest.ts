import { execFileSync } from 'node:child_process';
import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { testBed } from '../test/support.ts';
import { fillLedger, startPhones } from './fill.ts';
import { quantile, runBuilt, runClient, startBuilt, watchPeak } from './run.ts';

/**
 * How many events a second are taken with a million rows there, and how that compares in the same
 * run with the least that a route could do and with the database alone: npm run bench:ingest, with
 * DATABASE_URL set to an empty server.
 */
const ROWS = Number(process.env.ROWS ?? 1_000_000);
const PHONES = 50;
const SECONDS = Number(process.env.SECONDS ?? 20);

const bed = await testBed();
const maren = await bed.as('maren');
const phones = await startPhones(bed, maren, PHONES);
const begun = performance.now();
await fillLedger(bed.context, phones, ROWS);
// So that the server under load does not begin by verifying a million rows.
const { seconds } = (await maren.call<{ seconds: number }>('POST /verification', {})).body;
console.log(`verified in ${seconds.toFixed(1)} s`);
const fillSeconds = (performance.now() - begun) / 1000;
console.log(`${ROWS} rows are there (made in ${fillSeconds.toFixed(0)} s); ${PHONES} phones`);

await bed.context.db.query(`
  CREATE TABLE bare_row (LIKE ledger INCLUDING DEFAULTS INCLUDING INDEXES);
  CREATE SEQUENCE bare_seq START 100000000`);
await bed.context.db.query('INSERT INTO bare_row SELECT * FROM ledger');
await bed.context.db.query('VACUUM ANALYZE bare_row');

interface Said {
  sent: number;
  took: number;
  times: number[];
}
const told = (name: string, { sent, took, times }: Said): number => {
  const rate = sent / took;
  const [median, p95] = [quantile(times, 0.5), quantile(times, 0.95)];
  console.log(
    `${name.padEnd(44)} ${rate.toFixed(0).padStart(6)} events/s, median ${median.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms`,
  );
  return rate;
};

const env = {
  DATABASE_URL: bed.url,
  ANCHOR_KEY: join(mkdtempSync(join(tmpdir(), 'key-')), 'key.pem'),
};
const client = (base: string, batch: number, bare = false, seconds = SECONDS) =>
  runClient<Said>('phones', { base, phones, batch, seconds, bare });

const verified = await runBuilt('verify', env);
console.log(
  `verify: ${verified.seconds.toFixed(1)} s, at most ${verified.peak.toFixed(0)} MB; ${verified.said.trim().split('\n').at(-1)}`,
);
const exporting = await startBuilt('main', { ...env, LOG_LEVEL: 'silent' });
const peakOf = watchPeak(exporting.child);
for (const kind of ['csv', 'json']) {
  const from = performance.now();
  const headers = { cookie: maren.cookie };
  const { body } = await fetch(`${exporting.base}/api/records.${kind}`, { headers });
  let bytes = 0;
  for await (const part of body!) bytes += (part as Uint8Array).length;
  const took = (performance.now() - from) / 1000;
  console.log(
    `export ${kind}: ${(bytes / 1e6).toFixed(0)} MB in ${took.toFixed(1)} s, the server at most ${peakOf().toFixed(0)} MB`,
  );
}
await exporting.stop();

const server = await startBuilt('main', { ...env, LOG_LEVEL: 'silent' });
await client(server.base, 1, false, 3);
const one = told('taken one by one', await client(server.base, 1));
const many = told('taken in batches of 20', await client(server.base, 20));
await server.stop();

const bare = await startBuilt('bareRoute', env);
await client(bare.base, 1, true, 3);
const least = told('bare Express route, one row a request', await client(bare.base, 1, true));
await bare.stop();

const script = join(mkdtempSync(join(tmpdir(), 'pgbench-')), 'row.sql');
writeFileSync(
  script,
  `INSERT INTO bare_row (seq, fact_id, kind, at, recorded_at, home_id, home_name, person_id, body, previous_hash, hash)
   VALUES (nextval('bare_seq'), gen_random_uuid(), 'surface-event', now(), now(), gen_random_uuid(), 'Hedda', gen_random_uuid(),
   '{"batchCode": null,"batchId": null,"event": "washed","roomName": "Bathroom","roundId": "00000000-0000-4000-8000-000000000000","surfaceId": "00000000-0000-4000-8000-000000000000","surfaceName": "Surface"}', repeat('f', 64), repeat('f', 64));`,
);
const bin = execFileSync('sh', ['-c', 'ls -d /usr/lib/postgresql/*/bin | tail -n 1'])
  .toString()
  .trim();
const alone = execFileSync(
  `${bin}/pgbench`,
  [
    '-n',
    '-M',
    'prepared',
    '-c',
    String(PHONES),
    '-j',
    '2',
    '-T',
    String(SECONDS),
    '-f',
    script,
    bed.url,
  ],
  { encoding: 'utf8' },
);
const tps = Number(/tps = ([\d.]+)/.exec(alone)?.[1]);
console.log(`${'pgbench, one row a transaction'.padEnd(44)} ${tps.toFixed(0).padStart(6)} rows/s`);

console.log(
  `one by one / bare route: ${(one / least).toFixed(2)}; in batches / pgbench: ${(many / tps).toFixed(2)}`,
);
await bed.close();
