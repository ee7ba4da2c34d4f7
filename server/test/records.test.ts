import { setTimeout as pause } from 'node:timers/promises';
import { addHome, disinfect, testBed, type Bed, type Caller, pourChecked } from './support.ts';

let bed: Bed;
let maren: Caller;
let home: string;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  home = (await addHome(maren, [{ setting: disinfect(bed.stock['S-1'], 0.03) }])).home;
  for (let i = 0; i < 4; i += 1) await maren.call(`POST /homes/${home}/protocols`, {});
  await maren.call('POST /mishaps', mishap({}));
});
afterAll(() => bed.close());

const mishap = (more: object) => ({
  kind: 'near-miss',
  what: '=HYPERLINK("x") bleach, "again"',
  products: ['cistern-tablet', 'vinegar'],
  homeId: home,
  place: 'Bowl',
  who: 'Tobias',
  at: bed.context.now(),
  done: 'Flushed',
  ...more,
});
test('rows come newest first, by home, day and kind', async () => {
  const { rows, more } = (await maren.call('GET /records?limit=2')).body;
  expect(rows.map((row: { kind: string }) => row.kind)).toEqual(['near-miss', 'approval']);
  expect(more).toBe(true);
  const older = (await maren.call(`GET /records?before=${rows[1].seq}`)).body.rows;
  expect(older.map((row: { seq: number }) => row.seq)).toEqual([8, 7, 6, 5, 4, 3, 2, 1]);
  expect((await maren.call('GET /records?kind=approval')).body.rows).toHaveLength(4);
  expect((await maren.call(`GET /records?from=${bed.context.now() + 1}`)).body.rows).toHaveLength(
    0,
  );
  expect((await maren.call(`GET /records?homeId=${bed.stock['S-1']}`)).body.rows).toHaveLength(0);
});

test('a near miss is logged as told, and not from the future', async () => {
  const [row] = (await maren.call('GET /mishaps')).body;
  expect(row).toMatchObject({
    kind: 'near-miss',
    homeName: 'Hedda',
    person: 'maren',
    body: { who: 'Tobias', done: 'Flushed' },
  });
  expect(
    (await maren.call('POST /mishaps', mishap({ at: bed.context.now() + 3_600_000 }))).status,
  ).toBe(400);
  expect((await maren.call('POST /mishaps', mishap({ homeId: bed.stock['S-1'] }))).status).toBe(
    404,
  );
});

test('exports CSV that a spreadsheet takes for text, and JSON with the hashes', async () => {
  const csv = await maren.call<string>(`GET /records.csv?homeId=${home}`);
  expect(csv.headers.get('content-disposition')).toContain('records.csv');
  const [gaps, ...lines] = csv.body.trim().split('\r\n');
  expect(gaps).toContain(`Narrowed to homeId=${home}. Rows that do not fit are left out`);
  expect(lines[0]).toMatch(/^row,happened,happened_local,recorded,kind,home,person,what/);
  // Head, five rows, and the signed head of the record.
  expect(lines).toHaveLength(7);
  expect(lines[5]).toContain('"\'=HYPERLINK(""x"") bleach, ""again""');
  const json = await maren.call('GET /records.json?kind=approval');
  expect(json.body.format).toBe('zymostat.records/2');
  expect(json.body.filter).toEqual({ kind: 'approval' });
  expect(json.body.rows.map((row: { seq: number }) => row.seq)).toEqual([6, 7, 8, 9]);
  expect(json.body.rows[1].previousHash).toBe(json.body.rows[0].hash);
});

test('CSV says local time too, and opens where 1.5 is written 1,5', async () => {
  const all = await maren.call<string>('GET /records.csv?zone=America/Bogota&decimal=comma');
  const [head, first] = all.body.split('\r\n');
  // Nothing is left out, so nothing has to be explained.
  expect(head).toMatch(/^row;happened;happened_local;recorded;/);
  const [, utc, local] = first!.split(';') as [string, string, string];
  const apart = Date.parse(utc) - Date.parse(`${local.replace(' ', 'T')}Z`);
  expect(Math.floor(apart / 1000)).toBe(5 * 3600);
  const nowhere = await maren.call('GET /records.csv?zone=Nowhere/At-all');
  expect(nowhere.status).toBe(400);
});

test('rows are found by person and by batch', async () => {
  const { person } = (await maren.call('GET /session')).body;
  const own = (await maren.call(`GET /records?personId=${person.id}`)).body.rows;
  expect(own.length).toBeGreaterThan(0);
  expect(new Set(own.map((row: { personId: string }) => row.personId))).toEqual(
    new Set([person.id]),
  );
  const code = await pourChecked(maren, bed.stock['S-1'], 0.03).then(
    async (id) =>
      (await maren.call('GET /batches')).body.find((one: { id: string }) => one.id === id).code,
  );
  const rows = (await maren.call(`GET /records?batch=${code.toLowerCase()}`)).body.rows;
  expect(rows.map(({ kind }: { kind: string }) => kind)).toEqual(['check', 'batch']);
  expect((await maren.call('GET /records?batch=B-none')).body.rows).toEqual([]);
});

test('the database itself refuses to change or drop a row', async () => {
  for (const sql of [
    "UPDATE ledger SET person = 'x'",
    'DELETE FROM ledger WHERE seq = 1',
    'TRUNCATE ledger',
  ]) {
    await expect(bed.context.db.query(sql)).rejects.toThrow(/only new rows are allowed/);
  }
});

test('whoever listens hears of a new fact', async () => {
  const abort = new AbortController();
  const response = await fetch(`${bed.base}/api/live`, {
    headers: { cookie: maren.cookie },
    signal: abort.signal,
  });
  const heard: string[] = [];
  const reading = (async () => {
    for await (const chunk of response.body!) heard.push(Buffer.from(chunk).toString());
  })().catch(() => undefined);
  await pause(200);
  await maren.call('POST /mishaps', mishap({ kind: 'incident' }));
  for (let i = 0; i < 50 && !heard.join('').includes('data: incident'); i += 1) await pause(50);
  abort.abort();
  await reading;
  expect(heard.join('')).toContain('data: Mishaps Records');
});
