import { newSetUpCode } from '../src/features/people/begin.ts';
import { breaksIn, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let code: string;
beforeAll(async () => {
  bed = await testBed({ empty: true });
  await newSetUpCode(bed.context);
  code = (await newSetUpCode(bed.context))!;
});
afterAll(() => bed.close());

const setUp = (more: { code?: string; person?: object; company?: object } = {}) => ({
  code: more.code ?? code,
  company: {
    name: 'Fennel Care',
    currency: 'EUR',
    zone: 'Europe/Madrid',
    units: 'metric',
    emergencyNumber: '112',
    poisonLine: '555-0101',
    ...more.company,
  },
  person: {
    name: 'Ilse',
    login: ' Ilse.B ',
    password: 'three blue kettles',
    language: 'en',
    ...more.person,
  },
});
const begin = (body: object, by = bed.anyone()) => by.call('POST /set-up', body);
const needed = async () => (await bed.anyone().call('GET /set-up')).body.needed as boolean;

test.each<[string, object]>([
  ['a code that was never printed', { code: 'aaaa bbbb cccc dddd' }],
  ['one of the commonest passwords', { person: { password: 'Qwerty123456' } }],
  ['a password of one letter', { person: { password: 'aaaaaaaaaaaaaaaa' } }],
  ['a short password', { person: { password: 'three blue' } }],
  ['a login with a space in it', { person: { login: 'ilse b' } }],
  ['money that there is not', { company: { currency: 'XYQ' } }],
  ['a zone that there is not', { company: { zone: 'Europe/Fennel' } }],
  ['no emergency number', { company: { emergencyNumber: ' ' } }],
])('nothing begins with %s', async (_, more) => {
  expect((await begin(setUp(more))).status).toBe(400);
  expect(await needed()).toBe(true);
});

test('nobody signs in, and nothing is told, before a company has begun', async () => {
  expect((await bed.anyone().call('GET /session')).status).toBe(401);
  expect((await bed.anyone().call('POST /session', { login: 'ilse', password: 'x' })).status).toBe(
    401,
  );
});

describe('once begun', () => {
  let ilse: Caller;
  beforeAll(async () => {
    // Two at once by the same code: one of them begins.
    const typed = code.toUpperCase().replace(/(.{4})/g, '$1-');
    const callers = [bed.anyone(), bed.anyone()];
    const told = await Promise.all(callers.map((by) => begin(setUp({ code: typed }), by)));
    expect(told.map(({ status }) => status).sort()).toEqual([200, 409]);
    ilse = callers[told.findIndex(({ status }) => status === 200)]!;
  });

  test('the first supervisor is signed in, the code is used up, and the record begins whole', async () => {
    expect((await ilse.call('GET /session')).body).toMatchObject({
      person: { name: 'Ilse', role: 'supervisor', language: 'en' },
      company: { name: 'Fennel Care', currency: 'EUR', zone: 'Europe/Madrid', units: 'metric' },
    });
    expect(await needed()).toBe(false);
    expect(await newSetUpCode(bed.context)).toBeNull();
    expect((await begin(setUp())).status).toBe(409);
    const rows = (await ilse.call('GET /records')).body.rows as { kind: string }[];
    expect(rows.map(({ kind }) => kind)).toEqual(['signed-in', 'person-added', 'company-set-up']);
    expect(await breaksIn(bed.context)).toEqual([]);
    const again = bed.anyone();
    const given = { login: 'ILSE.B', password: 'three blue kettles' };
    expect((await again.call('POST /session', given)).status).toBe(200);
  });

  test('how far it is to the first round is counted', async () => {
    expect((await ilse.call('GET /company/beginning')).body).toEqual({
      ...{ answered: [], people: 1, invited: 0, stock: 0, bottles: 0, homes: 0, surfaces: 0 },
      ...{ approved: 0, batches: 0, read: 0, rounds: 0 },
    });
    for (const questions of [['vinegar'], ['vinegar', 'scents']])
      await ilse.call('POST /company/answered', { questions });
    await ilse.call('POST /book/read', { edition: 1 });
    const { answered, read } = (await ilse.call('GET /company/beginning')).body;
    expect([answered, read]).toEqual([['vinegar', 'scents'], 1]);
  });

  test('its ways are changed on record, by what somebody had seen of them', async () => {
    const ways = { name: 'Fennel & Rye', currency: 'USD', zone: 'America/New_York', units: 'us' };
    const change = (seen: number) =>
      ilse.call('PUT /company/ways', ways, { 'if-match': `"${seen}"` });
    const { revision } = (await ilse.call('GET /session')).body.company;
    expect((await change(revision)).status).toBe(200);
    expect((await change(revision)).status).toBe(409);
    const [row] = (await ilse.call('GET /records?kind=company-ways')).body.rows;
    expect(row.body).toMatchObject({ ...ways, before: { name: 'Fennel Care', currency: 'EUR' } });
    expect(await breaksIn(bed.context)).toEqual([]);
    await bed.context.db.query(`UPDATE company SET currency = 'GBP'`);
    expect(await breaksIn(bed.context)).not.toEqual([]);
    await bed.context.db.query(`UPDATE company SET currency = 'USD'`);
  });
});
