import { createPublicKey, generateKeyPairSync, randomUUID, verify } from 'node:crypto';
import type { SignedReport } from '@zymostat/contract';
import { clock, wordsOf } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { readPaper } from '../src/features/reports/readPaper.ts';
import { reportPdf } from '../src/features/reports/reportPdf.ts';
import type { ReportSays } from '../src/features/reports/reportSays.ts';
import { signReport } from '../src/features/reports/sign.ts';
import {
  addHome,
  clean,
  disinfect,
  pourChecked,
  testBed,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let ids: string[];
let peroxide: string;
let round: string;
let code: string;
let paper: Buffer;
const MINUTE = 60_000;

const did = (surfaceId: string, kind: string, batchId: string | null = null, more: object = {}) =>
  tobias.did(round, { id: randomUUID(), surfaceId, kind, at: bed.context.now(), batchId, ...more });
const pdfOf = async (of: string): Promise<Buffer> => {
  const answer = await fetch(`${bed.base}/api/reports/${of}/report.pdf`, {
    headers: { cookie: maren.cookie },
  });
  expect(answer.headers.get('content-type')).toBe('application/pdf');
  return Buffer.from(await answer.arrayBuffer());
};
const make = async (more: object = {}): Promise<string> => {
  const asked = { id: randomUUID(), language: 'en', paper: 'A4', zone: 'Europe/Madrid', ...more };
  const { status, body } = await maren.call(`POST /rounds/${round}/reports`, asked);
  expect([status, body.detail]).toEqual([200, undefined]);
  return body.code as string;
};
/** As a client would: without a session. */
const check = async (path: 'code' | 'paper', body: object) => {
  const answer = await fetch(`${bed.base}/api/check/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  return { status: answer.status, body: await answer.json() };
};
const checkPaper = (pdf: Buffer) => check('paper', { pdf: pdf.toString('base64') });
const readIn = (pdf: Buffer) => readPaper(new Uint8Array(pdf));
const textOf = async (pdf: Buffer): Promise<string> => (await readIn(pdf)).lines.join(' ');

beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  const made = await addHome(maren, [
    { fields: { name: 'Tiles', level: 'eye' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Basin' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Seat', level: 'toilet' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Screen', material: 'glass' }, setting: clean(bed.stock['S-3'], 0.05) },
    { fields: { name: 'Floor', level: 'floor' } },
  ]);
  home = made.home;
  ids = made.surfaces;
  await maren.call(`POST /homes/${home}/protocols`, {});
  peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
  round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  const [tiles, basin, , screen, floor] = ids as [string, string, string, string, string];
  await did(tiles, 'washed');
  await did(tiles, 'applied', peroxide);
  bed.pass(10 * MINUTE + 5000);
  await did(tiles, 'wiped');
  await did(basin, 'washed');
  await did(basin, 'applied', peroxide);
  bed.pass(7 * MINUTE + 50_000);
  await did(basin, 'wiped');
  await did(basin, 'applied', peroxide);
  bed.pass(10 * MINUTE + 15_000);
  await did(basin, 'wiped');
  await did(floor, 'washed');
  await did(screen, 'skipped', null, { why: 'in-use' });
  await tobias.call(`POST /rounds/${round}/finish`, {});
  code = await make();
  paper = await pdfOf(code);
}, 60_000);
afterAll(() => bed.close());

test('what is printed is what happened', async () => {
  const text = await textOf(paper);
  expect(text).toContain('Of 5 surfaces 3 were done as agreed.');
  expect(text).toContain('One was left out. One was not done.');
  for (const [name, came, held] of [
    ['Tiles', 'met', 605],
    ['Basin', 'not met', 470],
    ['Basin, again', 'met', 615],
  ] as const)
    expect(text).toMatch(new RegExp(`${name} 3 %.*? ${came} ${clock(held)}`));
  expect(text).toContain('2:10 short');
  expect(text).toContain('Basin: 7:50 of 10:00. Done again, 10:15: met.');
  expect(text).toMatch(/Floor water cleaned/);
  expect(text).toMatch(/Screen 5 % It is in use left out/);
  expect(text).toContain('They are not registered disinfectants.');
  expect(text).toContain('hydrogen peroxide 3 % w/v measured 3 % w/v');
  expect(text).not.toMatch(/disinfected|germ-free|sanitized/i);
  expect(text).toContain(code.replace(/(.{4})(?=.)/g, '$1 '));
});

test('of the same facts a letter page in Spanish says the same', async () => {
  const spanish = await pdfOf(await make({ language: 'es', paper: 'letter' }));
  const text = await textOf(spanish);
  expect(text).toContain('De 5 superficies, 3 se hicieron como se acordó.');
  expect(text).toContain('7:50 de 10:00');
  expect(spanish.toString('latin1')).toContain('/MediaBox [0 0 612 792]');
});

test('a report that is asked for twice under one id is one', async () => {
  const id = randomUUID();
  expect(await make({ id })).toBe(await make({ id }));
});

test('anybody can check a code or a paper, and learns nothing else', async () => {
  const lower = `${code.slice(0, 4)}-${code.slice(4)}`.toLowerCase().replaceAll('0', 'o');
  const { body } = await check('code', { code: lower });
  expect(body).toEqual({
    is: 'stands',
    at: expect.any(Number),
    rows: expect.any(Number),
    added: 0,
    compared: false,
  });
  expect((await checkPaper(paper)).body).toMatchObject({ is: 'stands', compared: true });
  expect((await check('code', { code: 'ABCDEFGHJKMN' })).body).toEqual({ is: 'unknown' });
  expect((await check('code', { code: 'short' })).status).toBe(400);
  expect((await checkPaper(Buffer.from('no paper at all'))).body).toEqual({ is: 'unreadable' });
});

/** A paper as it was made, changed before it is printed. */
const printed = async (change: (says: ReportSays) => ReportSays): Promise<Buffer> => {
  const { report: text, signature } = (await readIn(paper)) as {
    report: string;
    signature: string;
  };
  const { at, key, rows, head, lines } = JSON.parse(text) as SignedReport;
  const says: ReportSays = {
    company: { name: 'Quillet', emergencyNumber: '1', poisonLine: '2' },
    homeName: 'Hedda',
    place: 'there',
    by: 'tobias',
    startedAt: at,
    finishedAt: at,
    zone: 'UTC',
    rooms: [
      {
        room: 'Bath',
        lines: lines.map((line, i) => ({
          ...line,
          surfaceId: String(i),
          use:
            line.strength === null
              ? null
              : { active: 'hydrogen peroxide', strength: line.strength },
          loosened: null,
          shown: line.held,
          rewets: [],
          dry: false,
          to: at,
          why: null,
        })),
      },
    ],
    batches: [],
    corrections: 0,
    proof: {
      code,
      at,
      rows: { count: rows.length, from: 1, to: 2 },
      head: head.hash,
      signature,
      address: 'here',
    },
    attached: { report: text, signature, key },
  };
  return reportPdf(wordsOf('en', en), change(says), 'A4');
};

test('a line that was changed after it was signed is named, and nothing of the record with it', async () => {
  const changed = await printed((says) => ({
    ...says,
    rooms: says.rooms.map((room) => ({
      ...room,
      lines: room.lines.map((line) =>
        line.came === 'not-met' ? { ...line, came: 'met' as const, held: 777 } : line,
      ),
    })),
  }));
  const { body } = await checkPaper(changed);
  expect(body).toMatchObject({ is: 'differs', missing: expect.any(Number) });
  expect(body.differing.join('\n')).toMatch(/Basin 3 %.* met 12:57/);
});

test('a forged signature and a paper of another company are told apart', async () => {
  const forged = await printed((says) => ({
    ...says,
    attached: { ...says.attached, report: says.attached.report.replace('"not-met"', '"met"') },
  }));
  expect((await checkPaper(forged)).body).toEqual({ is: 'forged' });
  const { privateKey, publicKey } = generateKeyPairSync('ed25519');
  const theirs = publicKey.export({ type: 'spki', format: 'der' }).toString('base64url');
  const another = await printed((says) => {
    const report = { ...(JSON.parse(says.attached.report) as SignedReport), key: theirs };
    const signed = signReport({ ...report, company: 'Another house' }, privateKey);
    return { ...says, attached: { report: signed.text, signature: signed.signature, key: theirs } };
  });
  expect((await checkPaper(another)).body).toEqual({ is: 'another', company: 'Another house' });
});

test('the signature can be checked without us', async () => {
  const { report, signature } = (await readIn(paper)) as { report: string; signature: string };
  const { key: spki, rows } = JSON.parse(report) as SignedReport;
  const der = Buffer.from(spki, 'base64url');
  const key = createPublicKey({ key: der, type: 'spki', format: 'der' });
  const by = Buffer.from(signature, 'base64');
  expect(verify(null, Buffer.from(report), key, by)).toBe(true);
  expect(verify(null, Buffer.from(`${report} `), key, by)).toBe(false);
  // Each row by the hash that an export of the record has too.
  const exported = (await maren.call('GET /records.json')).body.rows as SignedReport['rows'];
  for (const { seq, hash } of rows)
    expect(exported.find((row) => row.seq === seq)?.hash).toBe(hash);
});

test('what was added to a visit afterwards is told, and what was changed in the record too', async () => {
  const [tiles] = ids as [string];
  await did(tiles, 'washed');
  expect((await check('code', { code })).body).toMatchObject({ is: 'stands', added: 1 });
  const again = await make();
  expect((await check('code', { code: again })).body).toMatchObject({ is: 'stands', added: 0 });
  await bed.context.db.transaction(async (db) => {
    await db.query('SET LOCAL session_replication_role = replica');
    await db.query(
      `UPDATE ledger SET body = replace(body::text, '"outcome":"not-met"', '"outcome":"met"')::json
      WHERE kind = 'wet-time' AND body->>'outcome' = 'not-met'`,
    );
  });
  expect((await check('code', { code })).body).toMatchObject({ is: 'broken', rows: 1 });
  expect((await checkPaper(paper)).body).toMatchObject({ is: 'broken', rows: 1 });
});
