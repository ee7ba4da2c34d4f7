import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import type { DataSource } from 'typeorm';
import { connectWriters, migrateAt } from '../src/database/connect.ts';
import { breaksIn, freshDatabase } from './support.ts';

/** The demo data of the commit before, dumped by it (scripts/dumpDemo.sh), brought up to date. */
const folder = new URL('upgrade/', import.meta.url);
const [file] = readdirSync(folder).filter((name) => name.endsWith('.sql.gz'));
const dump = gunzipSync(readFileSync(new URL(file!, folder))).toString();

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let db: DataSource;

const ask = async <T>(sql: string): Promise<T[]> => {
  const client = new pg.Client({ connectionString: fresh.url });
  await client.connect();
  try {
    return (await client.query(sql)).rows as T[];
  } finally {
    await client.end();
  }
};
const tables = async (): Promise<string[]> =>
  (
    await ask<{ name: string }>(
      `SELECT table_name AS name FROM information_schema.tables
       WHERE table_schema = 'public' AND table_type = 'BASE TABLE' ORDER BY 1`,
    )
  ).map(({ name }) => name);
const rowsOf = async (table: string): Promise<object[]> =>
  (await ask<{ row: object }>(`SELECT to_jsonb(t) AS row FROM "${table}" t ORDER BY 1`)).map(
    ({ row }) => row,
  );

/** Worked out anew by each version from what is kept, and the list of migrations itself. */
const workedOut = ['migrations', 'surface_state', 'typeorm_metadata', 'view_text'];

let before: Map<string, object[]>;
beforeAll(async () => {
  fresh = await freshDatabase();
  await ask(dump);
  before = new Map();
  for (const table of await tables())
    if (!workedOut.includes(table)) before.set(table, await rowsOf(table));
  await migrateAt(fresh.url);
  db = await connectWriters(fresh.url);
});
afterAll(async () => {
  await db.destroy();
  await fresh.drop();
});

test('there was something to keep', () => {
  for (const table of ['ledger', 'home', 'surface', 'stock', 'bottle', 'batch', 'place'])
    expect(before.get(table)!.length).toBeGreaterThan(3);
});

test('every row of before is there with every value of before', async () => {
  const now = new Set(await tables());
  for (const [table, rows] of before) {
    expect(now).toContain(table);
    const after = await rowsOf(table);
    expect(after).toHaveLength(rows.length);
    const columns = Object.keys(rows[0] ?? {});
    const asBefore = after.map((row) =>
      Object.fromEntries(columns.map((column) => [column, (row as never)[column]])),
    );
    expect([table, new Set(asBefore.map((row) => JSON.stringify(row)))]).toEqual([
      table,
      new Set(
        rows.map((row) =>
          JSON.stringify(
            Object.fromEntries(columns.map((column) => [column, (row as never)[column]])),
          ),
        ),
      ),
    ]);
  }
});

test('the record still proves itself, row by row', async () => {
  const context = { db: db.manager, now: Date.now, newId: randomUUID };
  expect(await breaksIn(context)).toEqual([]);
});

test('a version that does not know how the data is kept leaves it alone, and says so', async () => {
  await ask(`INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'FromTheFuture')`);
  await expect(migrateAt(fresh.url)).rejects.toThrow(/newer version \(FromTheFuture\)/);
  await ask(`DELETE FROM migrations WHERE name = 'FromTheFuture'`);
  await migrateAt(fresh.url);
});
