import { randomUUID } from 'node:crypto';
import { breaksIn, testBed, type Bed, type Caller } from './support.ts';

/** Homes and people from a list: all or none. */
let bed: Bed;
let maren: Caller;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
});
afterAll(() => bed.close());

const nothing = { address: null, door: null, contact: null, hours: null, often: null, notes: null };
const surface = (name: string) => ({
  name,
  material: 'porcelain',
  level: 'hand',
  area: 0.4,
  touched: 'often',
  food: false,
});
const bath = (surfaces: object[]) => ({
  name: 'Bath',
  floorArea: 4,
  height: 2.4,
  ventilation: 'window',
  flame: 'unknown',
  surfaces,
});
const homeOf = (name: string, rooms: object[] = []) => ({
  name,
  place: 'Row 7',
  situations: ['cat'],
  clientKeeps: [],
  wayIn: { ...nothing, door: `key of ${name}` },
  rooms,
});
const bring = (homes: object[]) => maren.call('POST /homes/import', { homes });
const homes = async () =>
  (await maren.call('GET /homes')).body as { id: string; name: string; surfaces: number }[];

test('homes come in whole: rooms, surfaces in their order, and the way in', async () => {
  const names = ['Basin', 'Tap', 'Mirror'];
  const answer = await bring([homeOf('Hedda', [bath(names.map(surface))]), homeOf('Ivo')]);
  expect(answer.status).toBe(200);
  const there = await homes();
  const hedda = there.find(({ name }) => name === 'Hedda')!;
  expect(there.map(({ name, surfaces }) => [name, surfaces])).toEqual(
    expect.arrayContaining([
      ['Hedda', 3],
      ['Ivo', 0],
    ]),
  );
  const { rooms } = (await maren.call(`GET /homes/${hedda.id}`)).body;
  expect(rooms[0].surfaces.map((one: { setting: { goal: string } }) => one.setting.goal)).toEqual([
    'clean',
    'clean',
    'clean',
  ]);
  expect((await maren.call(`GET /homes/${hedda.id}/way-in`)).body.door).toBe('key of Hedda');
});

test.each([
  ['one that is there', [homeOf('Jo'), homeOf('hedda')], 409],
  ['one that stands twice', [homeOf('Jo'), homeOf('JO')], 409],
  ['a surface that is none', [homeOf('Jo', [bath([{ ...surface('X'), material: 'soap' }])])], 400],
  ['no home', [], 400],
])('with %s nothing comes in', async (_what, list, status) => {
  const before = await homes();
  expect((await bring(list)).status).toBe(status);
  expect(await homes()).toEqual(before);
});

test('five thousand surfaces come in at once', async () => {
  const list = Array.from({ length: 100 }, (_, i) =>
    homeOf(`Home ${i}`, [bath(Array.from({ length: 50 }, (_x, j) => surface(`S ${j}`)))]),
  );
  expect((await bring(list)).status).toBe(200);
  const came = (await homes()).filter(({ name }) => name.startsWith('Home '));
  expect(came.map(({ surfaces }) => surfaces)).toEqual(Array.from({ length: 100 }, () => 50));
});

const inviteAll = (names: string[]) =>
  maren.call('POST /invitations/several', {
    people: names.map((name) => ({ id: randomUUID(), name, role: 'cleaner', language: null })),
  });
const invited = async () =>
  ((await maren.call('GET /invitations')).body as { name: string }[]).map(({ name }) => name);

test('people are asked in together, each by a code of their own, all or none', async () => {
  const { status, body } = await inviteAll(['Nele', 'Tova']);
  expect([status, new Set(body.map((one: { code: string }) => one.code)).size]).toEqual([200, 2]);
  expect(await invited()).toEqual(expect.arrayContaining(['Nele', 'Tova']));
  for (const names of [
    ['Kim', 'tobias'],
    ['Kim', 'NELE'],
    ['Kim', ' kim'],
  ])
    expect((await inviteAll(names)).status).toBe(409);
  expect(await invited()).not.toContain('Kim');
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('what came in is found by name, street, room and surface, and nothing else', async () => {
  const find = async (text: string) =>
    (
      (await maren.call(`GET /find?text=${encodeURIComponent(text)}`)).body as {
        home: string;
        surface: string | null;
      }[]
    ).map(({ home, surface }) => [home, surface]);
  expect(await find('hedd')).toEqual([['Hedda', null]]);
  expect(await find('MIRROR')).toEqual([['Hedda', 'Mirror']]);
  expect((await find('row 7')).length).toBe(30);
  for (const text of ['%', '_', 'nowhere', '']) expect(await find(text)).toEqual([]);
  expect((await (await bed.as('tobias')).call('GET /find?text=a')).status).toBe(403);
});

test('neither is for cleaners', async () => {
  const tobias = await bed.as('tobias');
  for (const path of ['POST /homes/import', 'POST /invitations/several'])
    expect((await tobias.call(path as 'POST /homes', {})).status).toBe(403);
});
