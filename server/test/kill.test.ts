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
import { addHome, breaksIn, Caller, clean, seedCompany } from './support.ts';

const root = fileURLToPath(new URL('../../', import.meta.url));
const postgres = (verb: string, dir: string) =>
  execFileSync(join(root, 'scripts/postgres.sh'), [verb, dir], { encoding: 'utf8' }).trim();

jest.setTimeout(300_000);

let dir: string;
let server: ChildProcess;
const port = 20_000 + (process.pid % 20_000);
const base = `http://127.0.0.1:${port}`;

const startServer = async (url: string) => {
  server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      DATABASE_URL: url,
      PORT: String(port),
      ANCHOR_KEY: join(dir, 'key.pem'),
      ANCHORS_FILE: join(dir, 'anchors.jsonl'),
    },
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

/** Twenty were run when it was built; `KILLS=20` runs as many again. */
const KILLS = Number(process.env.KILLS ?? 8);
/** Of each phone: enough that something is always under way. */
const EVENTS = 45 * KILLS;

interface Phone {
  caller: Caller;
  roundId: string;
  events: { id: string }[];
  acknowledged: Set<string>;
}

/** A phone that sends what it has, again and again, until each event is acknowledged. */
const sendAll = async (
  caller: Caller,
  events: readonly { id: string }[],
  acknowledged: Set<string>,
): Promise<void> => {
  for (let left = [...events]; left.length > 0;) {
    const batch = left.slice(0, 10);
    const answer = await caller.call('POST /events', { events: batch }).catch(() => undefined);
    if (answer?.status !== 200) {
      if (answer && answer.status < 500) throw new Error(JSON.stringify(answer.body));
      await pause(30);
      continue;
    }
    for (const one of answer.body as { id: string; taken?: string }[]) {
      if (!one.taken) throw new Error(`refused: ${JSON.stringify(one)}`);
      acknowledged.add(one.id);
    }
    left = left.filter(({ id }) => !acknowledged.has(id));
  }
};

const startPostgres = (): string => {
  execFileSync('sh', ['-c', `rm -f '${dir}/data/postmaster.pid'`]);
  return postgres('start', dir);
};

/** Stops PostgreSQL at once, by turns as if the power failed and as if somebody pulled it down. */
const stopPostgres = async (turn: number): Promise<void> => {
  const [line] = readFileSync(join(dir, 'data/postmaster.pid'), 'utf8').split('\n');
  process.kill(Number(line), turn % 2 === 0 ? 'SIGKILL' : 'SIGQUIT');
  await pause(250);
};

test(`${KILLS} kills of the server and ${KILLS} stops of PostgreSQL lose no acknowledged event and double none`, async () => {
  const url = postgres('start', dir);
  const db = await connect(url);
  const stock = await seedCompany(liveContext(db));
  await db.destroy();
  await startServer(url);

  const maren = new Caller(base);
  await maren.call('POST /session', { login: 'maren', password: 'a long enough one' });
  const phones: Phone[] = [];
  for (const login of ['tobias', 'anneke', 'tobias', 'anneke']) {
    const caller = new Caller(base);
    await caller.call('POST /session', { login, password: 'a long enough one' });
    const personId = (await caller.call('GET /session')).body.person.id as string;
    const { home, surfaces } = await addHome(maren, [{ setting: clean(stock['S-3'], 0.05) }]);
    await maren.call(`POST /homes/${home}/protocols`, {});
    const roundId = randomUUID();
    await caller.call('POST /rounds', { id: roundId, homeId: home });
    const at = Date.now();
    const events = Array.from({ length: EVENTS }, (_, i) => ({
      ...{ id: randomUUID(), roundId, personId, surfaceId: surfaces[0], kind: 'washed' },
      ...{ at: at + i, said: at + i, batchId: null },
      clock: { opening: 'phone', uncertain: 0 },
    }));
    phones.push({ caller, roundId, events, acknowledged: new Set<string>() });
  }
  const sending = phones.map(({ caller, events, acknowledged }) =>
    sendAll(caller, events, acknowledged),
  );
  const done = () => phones.reduce((sum, { acknowledged }) => sum + acknowledged.size, 0);
  const each = (EVENTS * phones.length) / (2 * KILLS + 1);
  const until = async (events: number) => {
    while (done() < events) await pause(2);
  };

  for (let turn = 0; turn < 2 * KILLS; turn += 1) {
    await until(each * (turn + 1));
    if (turn % 2 === 0) {
      server.kill('SIGKILL');
      await died(server);
      await startServer(url);
    } else {
      await stopPostgres(turn >> 1);
      expect(startPostgres()).toBe(url);
    }
  }
  await Promise.all(sending);

  for (const { caller, roundId, events, acknowledged } of phones) {
    expect(acknowledged.size).toBe(events.length);
    const { body } = await caller.call(`GET /rounds/${roundId}`);
    expect(body.events.map((event: { id: string }) => event.id)).toEqual(
      events.map((event) => event.id),
    );
  }
  const after = await connect(url);
  expect(await breaksIn(liveContext(after))).toEqual([]);
  await after.destroy();
});
