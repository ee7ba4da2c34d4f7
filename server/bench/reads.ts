import { randomUUID } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { disinfect, testBed } from '../test/support.ts';
import { hashToken } from '../src/features/people/service.ts';
import { startPhones } from './fill.ts';
import { manyHomes, whatThereIs } from './homes.ts';
import { quantile, runClient, startBuilt } from './run.ts';

/**
 * How quickly is read with 2,000 homes and 50 in flight, beside a bare route that answers the same
 * bytes from one prepared query; approvals 50 at once; two processes; and how soon 200 boards hear
 * of an event while 500 a second come in: npm run bench:reads, with DATABASE_URL set.
 */
const HOMES = 2000;
const IN_FLIGHT = 50;
const REQUESTS = Number(process.env.REQUESTS ?? 4000);
const BOARDS = 200;

const bed = await testBed();
const maren = await bed.as('maren');
await manyHomes(bed, maren, HOMES);
await maren.call('POST /verification', {});
const { ids, versions, surfaces } = await whatThereIs(bed);
const folder = mkdtempSync(join(tmpdir(), 'key-'));
const env = { DATABASE_URL: bed.url, ANCHOR_KEY: join(folder, 'key.pem'), LOG_LEVEL: 'silent' };

interface Said {
  times: number[];
  rate: number;
}
const setting = disinfect(bed.stock['S-1'], 0.03);
const workload = { inFlight: IN_FLIGHT, requests: REQUESTS, surfaces, setting };
const ask = (base: string, only: string, what: { ids: string[]; versions: string[] }) =>
  runClient<Said>('client', { ...workload, ...what, base, cookie: maren.cookie, only: [only] });
const told = (name: string, { times, rate }: Said): number => {
  const [median, p95] = [quantile(times, 0.5), quantile(times, 0.95)];
  console.log(
    `${name.padEnd(44)} ${rate.toFixed(0).padStart(6)} a second, median ${median.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms`,
  );
  return rate;
};

await bed.context.db.query('CREATE TABLE bare_answer (id uuid PRIMARY KEY, answer text NOT NULL)');
/** Keeps what the server answers, for the bare route to answer the same. */
const keepAnswers = async (base: string, path: string, of: string[]): Promise<void> => {
  const headers = { cookie: maren.cookie };
  for (const id of of) {
    const answer = await (await fetch(`${base}/api/${path}/${id}`, { headers })).text();
    await bed.context.db.query('INSERT INTO bare_answer VALUES ($1, $2)', [id, answer]);
  }
};

const server = await startBuilt('main', env);
const [homes, protocols] = [ids.slice(0, 500), versions.slice(0, 500)];
await keepAnswers(server.base, 'homes', homes);
await keepAnswers(server.base, 'protocols', protocols);
const all = { ids, versions };
await ask(server.base, 'GET /homes/:id', all);
const home = told('GET /homes/:id', await ask(server.base, 'GET /homes/:id', all));
const version = told('GET /protocols/:id', await ask(server.base, 'GET /protocols/:id', all));

const bare = await startBuilt('bareRoute', {
  ...env,
  BARE_QUERY: 'SELECT answer FROM bare_answer WHERE id = $1',
});
// The bare route has one address: what it is asked for are homes here, versions there.
await ask(bare.base, 'GET /protocols/:id', { ids, versions: protocols });
const leastHome = told(
  'bare route, the bytes of a home',
  await ask(bare.base, 'GET /protocols/:id', { ids, versions: homes }),
);
const leastVersion = told(
  'bare route, the bytes of a protocol',
  await ask(bare.base, 'GET /protocols/:id', { ids, versions: protocols }),
);
await bare.stop();
console.log(
  `homes / bare ${(home / leastHome).toFixed(2)}, protocols / bare ${(version / leastVersion).toFixed(2)}`,
);

const approve = { ...workload, requests: 500 };
told(
  'POST /homes/:id/protocols, 50 at once',
  await runClient<Said>('client', {
    ...{ ...approve, ids, versions, base: server.base, cookie: maren.cookie },
    only: ['POST /homes/:id/protocols'],
  }),
);

// ---------- two hundred boards ----------
const phones = await startPhones(bed, maren, 10);
/** As many people as boards: nobody keeps more than a few open. */
const cookies = Array.from({ length: BOARDS }, (_, i) => `zymostat_session=board-${i}`);
for (const [i, cookie] of cookies.entries()) {
  const personId = randomUUID();
  await bed.context.db.query(
    `INSERT INTO person (id, name, login, role, password_hash) VALUES ($1, $2, $2, 'cleaner', '')`,
    [personId, `board-${i}`],
  );
  const tokenHash = hashToken(cookie.split('=')[1]!);
  await bed.context.db.query(
    `INSERT INTO session (token_hash, person_id, expires_at) VALUES ($1, $2, now() + interval '1 day')`,
    [tokenHash, personId],
  );
}
const boards = Array.from({ length: BOARDS }, (_, i) => ({ heard: 0, at: 0, i }));
const open = boards.map((board) =>
  get(`${server.base}/api/live`, { headers: { cookie: cookies[board.i]! } }, (answer) =>
    answer.on('data', (part: Buffer) => {
      for (const [, id] of part.toString().matchAll(/id: (\d+)/g)) {
        board.heard = Number(id);
        board.at = performance.now();
      }
    }),
  ).on('error', () => undefined),
);
await pause(500);
const sending = runClient<{ sent: number; took: number; times: number[] }>('phones', {
  ...{ base: server.base, phones, batch: 5, seconds: 8, bare: false, perSecond: 500 },
});
const delays: number[] = [];
for (let n = 0; n < 20; n += 1) {
  await pause(300);
  const [{ max }] = await bed.context.db.query('SELECT max(seq)::int AS max FROM ledger');
  const from = performance.now();
  while (boards.some(({ heard }) => heard < max) && performance.now() - from < 5000) await pause(5);
  delays.push(performance.now() - from);
}
const { sent, took } = await sending;
console.log(
  `${BOARDS} boards, ${(sent / took).toFixed(0)} events/s: the last of them hears within ${quantile(delays, 0.5).toFixed(0)} ms (median), ${Math.max(...delays).toFixed(0)} ms (most)`,
);
open.forEach((one) => one.destroy());
await server.stop();

const two = await startBuilt('main', { ...env, PROCESSES: '2' });
await pause(1500);
await ask(two.base, 'GET /homes/:id', all);
const doubled = told('GET /homes/:id, two processes', await ask(two.base, 'GET /homes/:id', all));
await two.stop();
console.log(
  `two processes / one, on these cores with client and database: ${(doubled / home).toFixed(2)}`,
);
await bed.close();
