import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import { checkAnchor } from '../src/features/records/anchors.ts';
import { anchorsIn } from '../src/features/records/anchorsIn.ts';
import { lastDue, verifyWhenDue } from '../src/features/verification/daily.ts';
import { fillWet } from '../src/features/verification/verifyAll.ts';
import type { Context } from '../src/platform/context.ts';
import { addHome, breaksIn, clean, key, testBed, type Bed } from './support.ts';

/** What the server does by itself. */
let bed: Bed;
let folder: string;
let logged: { msg?: string; level: number }[];
const daily = () => ({
  key,
  anchorsFile: join(folder, 'anchors.jsonl'),
  log: pino({}, { write: (line: string) => void logged.push(JSON.parse(line) as never) }),
});
beforeAll(async () => (bed = await testBed()));
afterAll(() => bed.close());
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'zymostat-daily-'));
  logged = [];
});
afterEach(() => rmSync(folder, { recursive: true }));

test.each([
  ['2026-11-26T05:59:59', '2026-11-25T06:00:00'],
  ['2026-11-26T06:00:00', '2026-11-26T06:00:00'],
  ['2026-11-26T23:59:59', '2026-11-26T06:00:00'],
  ['2026-03-01T00:00:00', '2026-02-28T06:00:00'],
])('at %s it was last due at %s', (now, due) => {
  expect(lastDue(new Date(now).getTime())).toBe(new Date(due).getTime());
});

test('it verifies once a day, and keeps the signed head outside the database', async () => {
  const lines = () => readFileSync(daily().anchorsFile, 'utf8').trim().split('\n');
  await verifyWhenDue(bed.context, daily());
  await verifyWhenDue(bed.context, daily());
  expect(lines()).toHaveLength(1);
  bed.pass(25 * 3_600_000);
  await verifyWhenDue(bed.context, daily());
  expect(lines()).toHaveLength(2);
  for (const anchor of anchorsIn(lines().join('\n')))
    expect(await checkAnchor(bed.context, anchor)).toEqual([]);
  expect(logged.map(({ msg }) => msg)).toEqual(['record-verified', 'record-verified']);
});

test('where the database is away when it is due, that is logged and nothing ends', async () => {
  const away = {
    ...bed.context,
    db: { query: () => Promise.reject(new Error('away')) },
  } as unknown as Context;
  await verifyWhenDue(away, daily());
  expect(logged).toMatchObject([{ msg: 'record-not-verified', level: 50 }]);
  expect(existsSync(daily().anchorsFile)).toBe(false);
});

test('what is wet in a database of before is worked out before anything is judged', async () => {
  const maren = await bed.as('maren');
  const { home, surfaces } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]);
  await maren.call(`POST /homes/${home}/protocols`, {});
  const round = randomUUID();
  await maren.call('POST /rounds', { id: round, homeId: home });
  const event = { id: randomUUID(), surfaceId: surfaces[0], kind: 'washed', batchId: null };
  await maren.did(round, { ...event, at: bed.context.now() });
  const states = () => bed.context.db.query('SELECT * FROM surface_state ORDER BY surface_id');
  const before = (await states()) as object[];
  expect(before).toHaveLength(1);

  await bed.context.db.query('DELETE FROM surface_state');
  expect(await breaksIn(bed.context)).toMatchObject([{ code: 'wet-differs' }]);
  await fillWet(bed.context);
  expect(await states()).toEqual(before);
  expect(await breaksIn(bed.context)).toEqual([]);
});
