import { randomUUID } from 'node:crypto';
import type { RecordBreak } from '@zymostat/contract';
import { litres, seeded } from '@zymostat/core';
import { anchorNow, checkAnchor } from '../src/features/records/anchors.ts';
import { anchorsIn } from '../src/features/records/anchorsIn.ts';
import { canonical, FIRST_HASH } from '../src/features/records/chain.ts';
import { sha256 } from '../src/platform/sha256.ts';
import {
  addHome,
  breaksIn,
  clean,
  disinfect,
  key,
  pourChecked,
  testBed,
  type Bed,
  type Caller,
} from './support.ts';

/** Somebody with all rights in the database changes what is written. */
let bed: Bed;
let maren: Caller;
let tobias: Caller;
let round: string;

/** One of everything that the record speaks of. */
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  const { home, surfaces } = await addHome(maren, [
    { setting: disinfect(bed.stock['S-1'], 0.03) },
    { setting: clean(bed.stock['S-3'], 0.05) },
  ]);
  await maren.call(`POST /homes/${home}/protocols`, {});
  const batch = await pourChecked(tobias, bed.stock['S-1'], 0.03);
  const { id: bottle } = (
    await tobias.call('POST /bottles', { material: 'HDPE', opaque: true, volume: litres(0.5) })
  ).body;
  await tobias.call(`POST /bottles/${bottle}/fill`, { batchId: batch });
  round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  const did = (surfaceId: string, kind: string, batchId: string | null = null) => {
    bed.pass(1000);
    return tobias.did(round, { id: randomUUID(), surfaceId, kind, at: bed.context.now(), batchId });
  };
  await did(surfaces[0]!, 'washed');
  await did(surfaces[0]!, 'applied', batch);
  bed.pass(601_000);
  await did(surfaces[0]!, 'wiped');
  await did(surfaces[1]!, 'rinsed');
  await tobias.call(`POST /rounds/${round}/finish`, {});
  await did(surfaces[0]!, 'washed');
  const second = randomUUID();
  await tobias.call('POST /rounds', { id: second, homeId: home });
  await tobias.did(second, {
    ...{ id: randomUUID(), surfaceId: surfaces[0], kind: 'washed' },
    ...{ at: bed.context.now(), batchId: null },
  });
  await maren.call('POST /book/rules', {
    ...{ one: 'acid', other: 'soap', by: { surface: 'never' } },
    ...{ happens: 'It curdles “so”\n\tand stays', remedy: 'Pour it away' },
  });
  await maren.call('PUT /company/numbers', { emergencyNumber: '112', poisonLine: '1-2-3' });
});
afterAll(() => bed.close());

const sql = (text: string, values: unknown[] = []) => bed.context.db.query(text, values);
/** Past every trigger, as whoever owns the database may. */
const asOwner = (text: string, values: unknown[] = []): Promise<unknown> =>
  bed.context.db.transaction(async (db) => {
    await db.query('SET LOCAL session_replication_role = replica');
    return db.query(text, values) as Promise<unknown>;
  });

const isJson = (text: string): boolean => {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
};

/** Makes a change, looks what is found of it, and takes it back. */
const foundOf = async (
  table: string,
  change: (copy: string) => Promise<unknown>,
): Promise<RecordBreak[]> => {
  const copy = `kept_${randomUUID().replaceAll('-', '')}`;
  await sql(`CREATE TABLE ${copy} AS SELECT * FROM ${table}`);
  try {
    await change(copy);
    return await breaksIn(bed.context);
  } finally {
    await asOwner(`DELETE FROM ${table}`);
    const columns = (await sql(
      `SELECT string_agg(quote_ident(column_name), ', ') AS all FROM information_schema.columns WHERE table_name = $1`,
      [table],
    )) as { all: string }[];
    await asOwner(
      `INSERT INTO ${table} (${columns[0]!.all}) OVERRIDING SYSTEM VALUE SELECT ${columns[0]!.all} FROM ${copy}`,
    );
    await sql(`DROP TABLE ${copy}`);
  }
};

test('what nobody touched holds, and is as long as it is', async () => {
  expect(await breaksIn(bed.context)).toEqual([]);
  const { rows, broken, head, unprotected } = (await maren.call('POST /verification', {})).body;
  expect([rows, broken]).toEqual([Number((await sql('SELECT max(seq) FROM ledger'))[0].max), 0]);
  expect(head.hash).toBe((await sql('SELECT hash FROM ledger ORDER BY seq DESC LIMIT 1'))[0].hash);
  // The tests work as a superuser: that is said.
  expect(unprotected).toContain('superuser');
  expect((await maren.call('GET /verification')).body.rows).toBe(rows);
});

test('the hash is what the format says: SHA-256 of the row without it, keys in order', async () => {
  const { rows, anchor } = (await maren.call('GET /records.json')).body;
  expect(rows.length).toBeGreaterThan(10);
  let before = FIRST_HASH;
  for (const { hash, called: _, ...row } of rows) {
    expect(row.previousHash).toBe(before);
    expect(sha256(canonical(row))).toBe(hash);
    before = hash;
  }
  expect(anchor.hash).toBe(before);
});

describe('any byte of any column of any row of the ledger', () => {
  /** One character more, one less, or another, wherever it hurts. */
  const bytes: Record<string, string> = {
    seq: 'seq + 1000',
    fact_id: 'gen_random_uuid()',
    kind: `kind || ' '`,
    at: `at + interval '1 microsecond'`,
    recorded_at: `recorded_at - interval '1 microsecond'`,
    home_id: 'gen_random_uuid()',
    home_name: `coalesce(home_name, '') || 'x'`,
    person_id: 'gen_random_uuid()',
    person: `coalesce(person, '') || 'x'`,
    previous_hash: `overlay(previous_hash placing 'g' from 7)`,
    hash: `overlay(hash placing 'g' from 60)`,
  };
  const chance = seeded(20261126);

  test.each(Object.entries(bytes))('%s is named', async (column, to) => {
    const [{ count }] = await sql('SELECT count(*) FROM ledger');
    for (let n = 0; n < 4; n += 1) {
      const seq = 1 + Math.floor(chance() * Number(count));
      const found = await foundOf('ledger', () =>
        asOwner(`UPDATE ledger SET ${column} = ${to} WHERE seq = $1`, [seq]),
      );
      const named = found.filter((one) => 'seq' in one && [seq, seq + 1000].includes(one.seq!));
      expect([column, seq, named.length > 0]).toEqual([column, seq, true]);
    }
  });

  test('every byte of a body: digits, letters, spaces, and the way a number is written', async () => {
    const rows = (await sql('SELECT seq::int AS seq, body::text AS body FROM ledger')) as {
      seq: number;
      body: string;
    }[];
    const changes = rows.flatMap(({ seq, body }) => {
      const at = Math.floor(chance() * body.length);
      const letter = /[a-z]/i.test(body[at]!) ? 'q' : body[at]!;
      return [
        { seq, body: body.replace(/\d/, (digit) => String((Number(digit) + 1) % 10)) },
        { seq, body: `${body.slice(0, at)}${letter}${body.slice(at + 1)}` },
        { seq, body: body.replace(':', ': ') },
        { seq, body: body.replace(/:(\d+)([,}])/, ':$1.0$2') },
      ].filter((change) => change.body !== body && isJson(change.body));
    });
    expect(changes.length).toBeGreaterThan(40);
    for (const { seq, body } of changes) {
      const found = await foundOf('ledger', () =>
        asOwner('UPDATE ledger SET body = $2::json WHERE seq = $1', [seq, body]),
      );
      expect([seq, found.some((one) => one.code === 'content' && one.seq === seq)]).toEqual([
        seq,
        true,
      ]);
    }
  }, 120_000);

  test('a row taken out, put in, or two changed: each is named, also behind the first', async () => {
    const out = await foundOf('ledger', () => asOwner('DELETE FROM ledger WHERE seq = 4'));
    expect(out).toContainEqual(expect.objectContaining({ code: 'number', seq: 5, expected: '4' }));
    const two = await foundOf('ledger', () =>
      asOwner(`UPDATE ledger SET kind = 'incident' WHERE seq IN (3, 9)`),
    );
    expect(two.filter(({ code }) => code === 'content').map(({ seq }) => seq)).toEqual([3, 9]);
  });
});

describe('rows that the record speaks of', () => {
  test.each([
    ['protocol_version', `protocol = replace(protocol::text, '"Basin"', '"Bidet"')::jsonb`],
    ['protocol_version', `approved_by = (SELECT id FROM person WHERE login = 'tobias')`],
    ['protocol_version', `approved_at = approved_at + interval '1 microsecond'`],
    ['batch', `status = 'set-aside'`],
    ['batch', 'strength = strength + 1e-12'],
    ['batch', `discard_after = discard_after + interval '1 day'`],
    ['bottle', 'opaque = NOT opaque'],
    ['round', `started_at = started_at - interval '1 second'`],
    ['round', `finished_at = finished_at + interval '1 second'`],
    ['round', `person_id = (SELECT id FROM person WHERE login = 'anneke')`],
    ['round', `holds = holds || '{"x":1}'`],
    ['company', `poison_line = '0'`],
    ['company', `house_rules = house_rules || '{"x": 1}'`],
    ['company_rule', `by = '{"surface": "care"}'`],
    ['person', `role = 'supervisor'`],
    ['person', `name = 'Somebody'`],
  ])('%s: %s', async (table, change) => {
    const found = await foundOf(table, () => asOwner(`UPDATE ${table} SET ${change}`));
    expect(found.map(({ code }) => code)).toContain('row-changed');
    expect(found.every((one) => one.table === table)).toBe(true);
  });

  test('a bottle’s history', async () => {
    const found = await foundOf('bottle_event', () =>
      asOwner(`UPDATE bottle_event SET did = 'washed', batch_id = NULL`),
    );
    expect(found).toMatchObject([{ code: 'row-changed', table: 'bottle' }]);
  });

  test('one that is gone, and one that nobody spoke of', async () => {
    const gone = await foundOf('batch', () => asOwner('DELETE FROM batch'));
    expect(gone).toMatchObject([{ code: 'row-missing', table: 'batch' }]);
    const added = await foundOf('person', () =>
      asOwner(
        `INSERT INTO person (id, name, login, role, password_hash) VALUES (gen_random_uuid(), 'E', 'e', 'supervisor', 'x')`,
      ),
    );
    expect(added).toMatchObject([{ code: 'row-unspoken', table: 'person' }]);
  });

  test('what is wet', async () => {
    const found = await foundOf('surface_state', () =>
      asOwner(
        `UPDATE surface_state SET state = '{"together":{},"settled":{},"recent":[],"rounds":{}}'`,
      ),
    );
    expect(new Set(found.map(({ code }) => code))).toEqual(new Set(['wet-differs']));
  });

  test('the guards', async () => {
    await sql('ALTER TABLE ledger DISABLE TRIGGER ledger_append_only');
    expect(await breaksIn(bed.context)).toEqual([
      { code: 'guard-off', name: 'ledger_append_only' },
    ]);
    await sql('ALTER TABLE ledger ENABLE TRIGGER ledger_append_only');
  });
});

describe('against an anchor', () => {
  test('the tail cut off is found', async () => {
    const anchor = await anchorNow(bed.context, key);
    let found: object[] = [];
    const chain = await foundOf('ledger', async () => {
      await asOwner(`DELETE FROM ledger WHERE seq >= $1`, [anchor.seq]);
      found = await checkAnchor(bed.context, anchor);
    });
    expect(chain.filter(({ code }) => code === 'content' || code === 'link')).toEqual([]);
    expect(found).toMatchObject([{ code: 'anchor-missing', seq: anchor.seq }]);
  });

  test('the whole chain written anew is found, though it hangs together', async () => {
    const anchor = await anchorNow(bed.context, key);
    const { rows } = (await maren.call('GET /records.json')).body;
    let found: object[] = [];
    const chain = await foundOf('ledger', async () => {
      let before = FIRST_HASH;
      for (const { hash: _, called: __, ...row } of rows) {
        const forged = { ...row, at: row.at - 1000, previousHash: before };
        before = sha256(canonical(forged));
        await asOwner(
          'UPDATE ledger SET at = to_timestamp($2 / 1000.0), previous_hash = $3, hash = $4 WHERE seq = $1',
          [row.seq, forged.at, forged.previousHash, before],
        );
      }
      found = await checkAnchor(bed.context, anchor);
    });
    expect(chain.filter(({ code }) => code === 'content' || code === 'link')).toEqual([]);
    expect(found).toMatchObject([{ code: 'anchor-differs', seq: anchor.seq }]);
  });

  test('an anchor of its own record is an ancestor, however much was added since', async () => {
    const anchor = await anchorNow(bed.context, key);
    await maren.call('PUT /company/numbers', { emergencyNumber: '113', poisonLine: '1-2-4' });
    expect(await checkAnchor(bed.context, anchor)).toEqual([]);
  });

  test('one that somebody else wrote is told by its signature', async () => {
    const anchor = await anchorNow(bed.context, key);
    const forged = { ...anchor, at: anchor.at + 1 };
    expect(await checkAnchor(bed.context, forged)).toEqual([
      { code: 'anchor-signature', seq: anchor.seq },
    ]);
  });

  test('is read from a file of them, from an export, and from a paper', async () => {
    const anchor = await anchorNow(bed.context, key);
    const line = JSON.stringify(anchor);
    expect(anchorsIn(`${line}\n${line}\n`)).toEqual([anchor, anchor]);
    const { anchor: exported } = (await maren.call('GET /records.json')).body;
    expect(anchorsIn(JSON.stringify({ rows: [], anchor: exported }))).toEqual([exported]);
    expect(anchorsIn(`Row ${anchor.seq}, ${anchor.hash}`)).toEqual([
      { seq: anchor.seq, hash: anchor.hash },
    ]);
    expect(() => anchorsIn('nothing here')).toThrow('found no anchor');
    const csv = (await maren.call('GET /records.csv')).body as string;
    expect(csv).toContain(`${anchor.seq},`);
    expect(csv.trimEnd().split('\r\n').at(-1)).toContain(anchor.hash);
  });
});
