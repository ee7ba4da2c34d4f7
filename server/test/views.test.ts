import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import type { DataSource } from 'typeorm';
import { createApp } from '../src/app.ts';
import { connect } from '../src/database/connect.ts';
import { listenTo } from '../src/platform/database/notices.ts';
import { makeViews } from '../src/platform/database/views.ts';
import { Caller, freshDatabase, key } from './support.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let database: DataSource;
beforeAll(async () => {
  fresh = await freshDatabase();
  database = await connect(fresh.url);
});
afterAll(async () => {
  await database.destroy();
  await fresh.drop();
});

const view = (select: string) => ({ name: 'tried', select });
const rows = () => database.query<{ n: number }[]>('SELECT * FROM tried');

test('a view is made, made anew when its text changes, and left alone when not', async () => {
  await makeViews(database, [view('SELECT 1 AS n')]);
  expect(await rows()).toEqual([{ n: 1 }]);
  const madeAt = async () =>
    (await database.query<{ oid: string }[]>("SELECT 'tried'::regclass::oid AS oid"))[0]!.oid;
  const first = await madeAt();
  await makeViews(database, [view('SELECT 1 AS n')]);
  expect(await madeAt()).toBe(first);
  await makeViews(database, [view("SELECT 2 AS n, 'more' AS m")]);
  expect(await rows()).toEqual([{ n: 2, m: 'more' }]);
});

test('one that cannot be made changes none', async () => {
  await makeViews(database, [view('SELECT 3 AS n')]);
  const wrong = { name: 'wrong', select: 'SELECT nothing FROM nowhere' };
  await expect(makeViews(database, [view('SELECT 4 AS n'), wrong])).rejects.toThrow('nowhere');
  expect(await rows()).toEqual([{ n: 3 }]);
});

test('two that start at once both find it made', async () => {
  const other = await connect(fresh.url);
  await Promise.all([database, other].map((one) => makeViews(one, [view('SELECT 5 AS n')])));
  expect(await rows()).toEqual([{ n: 5 }]);
  await other.destroy();
});

test('a problem document and the line of its request carry the same id', async () => {
  const lines: { id?: string; status?: number }[] = [];
  const log = pino({}, { write: (line: string) => void lines.push(JSON.parse(line) as object) });
  const notices = listenTo(fresh.url);
  const context = { db: database.manager, now: Date.now, newId: () => '' };
  const server: Server = createServer(
    createApp({ write: context, read: context, report: context }, { notices, log, key }),
  );
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const { status, body } = await new Caller(`http://127.0.0.1:${port}`).call('GET /homes');
  expect(status).toBe(401);
  const { requestId } = body as { requestId: string };
  expect(requestId).toMatch(/^[0-9a-f-]{36}$/);
  expect(lines.filter(({ id }) => id === requestId)).toMatchObject([{ status: 401 }]);
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  await notices.close();
});
