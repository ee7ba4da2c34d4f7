import { randomBytes } from 'node:crypto';
import { DataSource } from 'typeorm';
import { appendOnly } from '../src/database/rights.ts';
import { unprotected } from '../src/features/records/guardsStore.ts';
import { addHome, clean, testBed, type Bed, type Caller } from './support.ts';

/** The application as a role of its own: what it may not do, by trying; and that it works. */
let bed: Bed;
let maren: Caller;
let app: DataSource;
beforeAll(async () => {
  bed = await testBed({ roles: { owner: 'zymostat_owner', app: 'zymostat_app' } });
  maren = await bed.as('maren');
  app = new DataSource({ type: 'postgres', url: bed.url });
  await app.initialize();
});
afterAll(async () => {
  await app.destroy();
  await bed.close();
});

test('everything that it is for works', async () => {
  const { home } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]);
  expect((await maren.call(`POST /homes/${home}/protocols`, {})).status).toBe(200);
  const { broken, unprotected: open } = (await maren.call('POST /verification', {})).body;
  expect([broken, open]).toEqual([0, []]);
});

/** A column of each, to be set to itself. */
const columnOf: Record<(typeof appendOnly)[number], string> = {
  ledger: 'kind',
  protocol_version: 'number',
  bottle_event: 'did',
  recipe_version: 'number',
  home_change: 'what',
  verification: 'rows',
  report: 'signed',
  stock_reading: 'by',
};
const forbidden: [string, string][] = [
  ...appendOnly.flatMap((table): [string, string][] => [
    [table, `UPDATE ${table} SET ${columnOf[table]} = ${columnOf[table]}`],
    [table, `DELETE FROM ${table}`],
    [table, `TRUNCATE ${table}`],
    [table, `ALTER TABLE ${table} DISABLE TRIGGER ALL`],
    [table, `DROP TABLE ${table}`],
    [table, `CREATE TRIGGER t BEFORE INSERT ON ${table} EXECUTE FUNCTION refuse_change()`],
  ]),
  ['the guard', 'DROP FUNCTION refuse_change CASCADE'],
  ['the turn', 'DROP FUNCTION take_turn'],
  ['a table of its own', 'CREATE TABLE mine (x integer)'],
  ['past the triggers', 'SET session_replication_role = replica'],
  ['another role', 'SET ROLE zymostat_owner'],
  ['the migrations', `INSERT INTO migrations (timestamp, name) VALUES (1, 'x')`],
  ['files of the server', `COPY ledger TO '/tmp/${randomBytes(4).toString('hex')}'`],
];
test.each(forbidden)('it may not touch %s: %s', async (_, sql) => {
  await expect(app.query(sql)).rejects.toThrow(/permission denied|must be (owner|superuser)/);
});

test('it may read every table and view', async () => {
  const names: { name: string }[] = await app.query(
    `SELECT relname AS name FROM pg_class WHERE relnamespace = 'public'::regnamespace AND relkind IN ('r', 'v')`,
  );
  expect(names.length).toBeGreaterThan(25);
  for (const { name } of names) await app.query(`SELECT * FROM "${name}" LIMIT 1`);
});

test('somebody’s own single role works, and what is thereby open is said', async () => {
  const single = await testBed();
  const caller = await single.as('maren');
  expect((await caller.call('POST /homes', { name: 'A', place: 'B', situations: [] })).status).toBe(
    200,
  );
  expect(await unprotected(single.context)).toEqual(['superuser', 'owner', 'may-change']);
  await single.close();
});
