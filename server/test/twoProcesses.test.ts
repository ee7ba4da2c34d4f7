import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { liveContext } from '../src/platform/context.ts';
import { connect } from '../src/database/connect.ts';
import { addHome, breaksIn, Caller, clean, freshDatabase, seedCompany } from './support.ts';

/** Two servers on one database that share nothing else: phones on one, boards on the other. */
const root = fileURLToPath(new URL('../../', import.meta.url));
const ports = [20_000 + ((process.pid * 7) % 19_000), 40_000 + ((process.pid * 7) % 19_000)];
const bases = ports.map((port) => `http://127.0.0.1:${port}`) as [string, string];
const servers: ChildProcess[] = [];
let folder: string;
let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let stock: Awaited<ReturnType<typeof seedCompany>>;

const start = async (port: number): Promise<void> => {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      DATABASE_URL: fresh.url,
      PORT: String(port),
      ANCHOR_KEY: join(folder, 'key.pem'),
      ANCHORS_FILE: join(folder, 'anchors.jsonl'),
    },
    stdio: 'ignore',
  });
  servers.push(child);
  for (let i = 0; i < 900; i += 1) {
    const answered = await fetch(`http://127.0.0.1:${port}/api/openapi.json`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (answered) return;
    await pause(100);
  }
  throw new Error('the server did not start');
};

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'zymostat-two-'));
  fresh = await freshDatabase();
  // Both at once, on a database that neither has seen: they migrate one after the other.
  await Promise.all(ports.map(start));
  const db = await connect(fresh.url);
  stock = await seedCompany(liveContext(db));
  await db.destroy();
}, 120_000);
afterAll(async () => {
  servers.forEach((one) => one.kill('SIGKILL'));
  await fresh.drop();
  rmSync(folder, { recursive: true, force: true });
});

const signedIn = async (base: string, login: string): Promise<Caller> => {
  const caller = new Caller(base);
  await caller.call('POST /session', { login, password: 'a long enough one' });
  return caller;
};
const elsewhere = (caller: Caller, base: string): Caller => {
  const other = new Caller(base);
  other.cookie = caller.cookie;
  return other;
};

test('what is done on one is seen at once on the other, and heard', async () => {
  const [here, there] = bases;
  const maren = await signedIn(here, 'maren');
  const board = elsewhere(maren, there);
  const { home, surfaces } = await addHome(maren, [{ setting: clean(stock['S-3'], 0.05) }]);
  await maren.call(`POST /homes/${home}/protocols`, {});
  const abort = new AbortController();
  const live = await fetch(`${there}/api/live`, {
    headers: { cookie: board.cookie },
    signal: abort.signal,
  });
  let heard = '';
  const reading = (async () => {
    for await (const part of live.body!) heard += Buffer.from(part).toString();
  })().catch(() => undefined);

  const tobias = await signedIn(here, 'tobias');
  const phones = [tobias, elsewhere(tobias, there)];
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  const at = Date.now();
  const answers = await Promise.all(
    Array.from({ length: 20 }, (_, i) =>
      phones[i % 2]!.did(round, {
        ...{ id: randomUUID(), surfaceId: surfaces[0], kind: 'washed', at, batchId: null },
      }),
    ),
  );
  expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 20 }, () => 200));
  for (let i = 0; i < 100 && !heard.includes('Round'); i += 1) await pause(20);
  expect(heard).toMatch(/id: \d+\ndata: .*Round/);
  expect((await board.call(`GET /rounds/${round}`)).body.events).toHaveLength(20);
  abort.abort();
  await reading;

  const db = await connect(fresh.url);
  expect(await breaksIn(liveContext(db))).toEqual([]);
  await db.destroy();
});

test('who signs out on one is signed out on the other', async () => {
  const [here, there] = bases;
  const anneke = await signedIn(here, 'anneke');
  const same = elsewhere(anneke, there);
  expect((await same.call('GET /session')).status).toBe(200);
  const { cookie } = anneke;
  await anneke.call('DELETE /session');
  same.cookie = cookie;
  await pause(200);
  expect((await same.call('GET /session')).status).toBe(401);
});
