import { jest } from '@jest/globals';
import { spawn, type ChildProcess } from 'node:child_process';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { liveContext } from '../src/platform/context.ts';
import { connect } from '../src/database/connect.ts';
import { verifyChain } from '../src/features/records/service.ts';
import { addHome, Caller, disinfect, pourChecked, seedCompany } from './support.ts';

const root = fileURLToPath(new URL('../../', import.meta.url));
const postgres = (verb: string, dir: string) =>
  execFileSync(join(root, 'scripts/postgres.sh'), [verb, dir], { encoding: 'utf8' }).trim();

jest.setTimeout(120_000);

let dir: string;
let server: ChildProcess;
const port = 20_000 + (process.pid % 20_000);
const base = `http://127.0.0.1:${port}`;

const startServer = async (url: string) => {
  server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, NODE_OPTIONS: '', DATABASE_URL: url, PORT: String(port) },
    stdio: 'ignore',
  });
  for (let i = 0; i < 200; i += 1) {
    if (
      await fetch(`${base}/api/openapi.json`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return;
    await pause(100);
  }
  throw new Error('the server did not start');
};
const died = (child: ChildProcess) =>
  new Promise((done) =>
    child.exitCode !== null || child.signalCode !== null ? done(null) : child.once('exit', done),
  );

beforeAll(() => {
  dir = mkdtempSync(join(tmpdir(), 'zymostat-kill-'));
  chmodSync(dir, 0o755);
});
afterAll(async () => {
  server.kill('SIGKILL');
  await died(server);
  postgres('drop', dir);
  rmSync(dir, { recursive: true, force: true });
});

/**
 * Does what the phone's outbox does: sends in order, again and again, until each event is
 * acknowledged.
 */
const sendAll = async (
  caller: Caller,
  round: string,
  events: { id: string }[],
  acknowledged: string[],
) => {
  for (const event of events) {
    for (;;) {
      const answer = await caller.did(round, event).catch(() => undefined);
      if (answer?.status === 200) break;
      if (answer && answer.status < 500) throw new Error(`refused: ${JSON.stringify(answer.body)}`);
      await pause(50);
    }
    acknowledged.push(event.id);
  }
};

test('SIGKILL of the server and of PostgreSQL in the middle of a round loses no acknowledged event and doubles none', async () => {
  const url = postgres('start', dir);
  const db = await connect(url);
  const stock = await seedCompany(liveContext(db));
  await db.destroy();
  await startServer(url);

  const [maren, tobias] = [new Caller(base), new Caller(base)];
  await maren.call('POST /session', { login: 'maren', password: 'a long enough one' });
  await tobias.call('POST /session', { login: 'tobias', password: 'a long enough one' });
  const {
    home,
    surfaces: [basin],
  } = await addHome(maren, [{ setting: disinfect(stock['S-1'], 0.03) }]);
  await maren.call(`POST /homes/${home}/protocols`, {});
  const batch = await pourChecked(tobias, stock['S-1'], 0.03);
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });

  const kinds = [
    'washed',
    ...Array.from({ length: 40 }, () => ['applied', 'rewet', 'wiped']).flat(),
  ];
  const at = Date.now();
  const events = kinds.map((kind, i) => ({
    id: randomUUID(),
    surfaceId: basin!,
    kind,
    at: at + i,
    batchId: kind === 'applied' || kind === 'rewet' ? batch : null,
  }));
  const acknowledged: string[] = [];
  const sending = sendAll(tobias, round, events, acknowledged);

  const until = async (n: number) => {
    while (acknowledged.length < n) await pause(5);
  };
  await until(25);
  server.kill('SIGKILL');
  await died(server);
  await startServer(url);

  await until(60);
  const postmaster = Number(readFileSync(join(dir, 'data/postmaster.pid'), 'utf8').split('\n')[0]);
  const beforeKill = new URL(url).port;
  process.kill(postmaster, 'SIGKILL');
  await pause(300);
  execFileSync('sh', ['-c', `rm -f '${dir}/data/postmaster.pid'`]);
  const again = postgres('start', dir);
  if (new URL(again).port !== beforeKill) {
    server.kill('SIGKILL');
    await died(server);
    await startServer(again);
  }
  await sending;

  const { body } = await tobias.call(`GET /rounds/${round}`);
  expect(body.events.map((event: { id: string }) => event.id)).toEqual(
    events.map((event) => event.id),
  );
  expect(acknowledged).toEqual(events.map((event) => event.id));

  const after = await connect(again);
  expect((await verifyChain(liveContext(after))).broken).toBeNull();
  await after.destroy();
});
