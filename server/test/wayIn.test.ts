import { randomUUID } from 'node:crypto';
import { addHome, breaksIn, clean, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let anneke: Caller;
let home: string;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  anneke = await bed.as('anneke');
  ({ home } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]));
  await maren.call(`POST /homes/${home}/protocols`, {});
});
afterAll(() => bed.close());

const way = {
  address: 'Fennel Row 3',
  door: 'key box 4711',
  contact: 'Hedda, 555-0177',
  hours: 'Kitchen from 10',
  often: 'every Tuesday',
  notes: null,
};
const revision = async () => (await maren.call(`GET /homes/${home}`)).body.revision as number;
const put = async (what: string, body: object, by = maren, seen?: number) =>
  by.call(`PUT /homes/${home}/${what}`, body, {
    'if-match': `"${seen ?? (await revision())}"`,
  });
const start = (by: Caller, id: string) => by.call('POST /rounds', { id, homeId: home });

test('doors and keys are for supervisors, and for who works there, while they do', async () => {
  const before = await revision();
  expect((await put('way-in', way)).status).toBe(200);
  expect((await maren.call(`GET /homes/${home}/way-in`)).body).toEqual(way);
  // Somebody else had seen it as it was: nothing of theirs is overwritten.
  expect((await put('way-in', { ...way, door: 'mat' }, maren, before)).status).toBe(409);
  // Written anew, what stood before is kept with who changed it.
  await put('way-in', { ...way, door: 'key under the pot' });
  expect((await maren.call(`GET /homes/${home}/way-in/before`)).body).toMatchObject([
    { door: 'key box 4711', by: 'maren' },
  ]);
  await put('way-in', way);
  for (const by of [tobias, anneke]) {
    expect((await by.call(`GET /homes/${home}/way-in/before`)).status).toBe(403);
    expect((await by.call(`GET /homes/${home}/way-in`)).status).toBe(403);
    expect((await put('way-in', way, by)).status).toBe(403);
  }
  // Words, not the number: four figures also turn up in an id or a hash.
  expect(JSON.stringify((await maren.call(`GET /homes/${home}`)).body)).not.toContain('key box');

  const id = randomUUID();
  await start(tobias, id);
  const seen = async (by: Caller) => (await by.call(`GET /rounds/${id}`)).body.wayIn as object;
  expect(await seen(tobias)).toEqual(way);
  expect(await seen(anneke)).toBeNull();
  expect((await tobias.call(`GET /round-homes/${home}`)).body.wayIn).toBeUndefined();
  await start(anneke, id);
  expect(await seen(anneke)).toEqual(way);
  await tobias.call(`POST /rounds/${id}/finish`, {});
  expect(await seen(tobias)).toBeNull();
  const rows = JSON.stringify((await maren.call('GET /records?limit=100')).body);
  expect(rows).not.toContain('key box');
});

test('an archived home is not worked in, stays on record, and comes back', async () => {
  const listed = async (by: Caller, line: string) =>
    ((await by.call(line)).body as { id: string }[]).some((one) => one.id === home);
  expect((await put('archived', { archived: true })).status).toBe(200);
  expect(await listed(tobias, 'GET /round-homes')).toBe(false);
  expect((await start(tobias, randomUUID())).status).toBe(409);
  const rows = (await maren.call('GET /homes')).body as { id: string; archivedAt: number }[];
  expect(rows.find(({ id }) => id === home)!.archivedAt).toBe(bed.context.now());
  expect((await maren.call(`GET /records?homeId=${home}`)).body.rows.length).toBeGreaterThan(2);

  expect((await put('archived', { archived: false })).status).toBe(200);
  expect(await listed(tobias, 'GET /round-homes')).toBe(true);
  expect((await start(tobias, randomUUID())).status).toBe(200);
  expect(await breaksIn(bed.context)).toEqual([]);
});
