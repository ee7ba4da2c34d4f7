import { randomUUID } from 'node:crypto';
import { breaksIn, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
});
afterAll(() => bed.close());

const DAY = 86_400_000;
const invite = async (name = 'Tova', by = maren) =>
  by.call('POST /invitations', { id: randomUUID(), name, role: 'cleaner', language: 'es' });
const accept = (code: string, login: string | null, more: object = {}) => {
  const by = bed.anyone();
  const body = { code, login, password: 'a kettle and a shelf', language: 'es', ...more };
  return by.call('POST /invitations/accepted', body).then((answer) => ({ ...answer, by }));
};
const see = (code: string) => bed.anyone().call('POST /invitations/seen', { code });
const open = async () => (await maren.call('GET /invitations')).body as { id: string }[];

test('somebody comes in by a code, which counts once', async () => {
  const { id, code } = (await invite()).body;
  expect(code).toMatch(/^[2-9a-hjkmnp-tv-z]{16}$/);
  expect(JSON.stringify(await open())).not.toContain(code);
  expect(await open()).toEqual([
    expect.objectContaining({ id, name: 'Tova', role: 'cleaner', for: 'joining', madeBy: 'maren' }),
  ]);
  expect((await see(` ${code.toUpperCase()} `)).body).toMatchObject({
    company: 'Test Care',
    name: 'Tova',
    role: 'cleaner',
    language: 'es',
    login: null,
  });
  const { status, body, by } = await accept(code, 'tova');
  expect([status, body.person.name, body.person.language]).toEqual([200, 'Tova', 'es']);
  expect((await by.call('GET /rounds')).status).toBe(200);
  expect((await accept(code, 'tova2')).status).toBe(404);
  expect((await see(code)).status).toBe(404);
  expect(await open()).toEqual([]);
  const kinds = (await maren.call('GET /records?limit=4')).body.rows as { kind: string }[];
  expect(kinds.map(({ kind }) => kind)).toEqual([
    'signed-in',
    'invitation',
    'person-added',
    'invitation',
  ]);
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('a login that is taken and a bad password use no code up', async () => {
  const { code } = (await invite('Wren')).body;
  expect((await accept(code, 'Tobias')).status).toBe(409);
  expect((await accept(code, null)).status).toBe(400);
  expect((await accept(code, 'wren', { password: 'short' })).status).toBe(400);
  expect((await accept(code, 'wren', { password: 'Qwerty123456' })).status).toBe(400);
  expect((await accept(code, 'wren')).status).toBe(200);
});

test('two who take the same login at once: one of them has it', async () => {
  const codes = await Promise.all(['Ada', 'Ida'].map(async (one) => (await invite(one)).body.code));
  const told = await Promise.all(codes.map((code) => accept(code, 'same')));
  expect(told.map(({ status }) => status).sort()).toEqual([200, 409]);
});

test('a code runs out, is renewed, is taken back', async () => {
  const { id, code } = (await invite('Marek')).body;
  bed.pass(6 * DAY);
  expect((await see(code)).status).toBe(200);
  const renewed = (await maren.call(`PUT /invitations/${id}/code`, {})).body;
  expect((await see(code)).status).toBe(404);
  bed.pass(6 * DAY);
  expect((await see(renewed.code)).status).toBe(200);
  bed.pass(DAY + 1000);
  expect((await see(renewed.code)).status).toBe(404);
  expect((await accept(renewed.code, 'marek')).status).toBe(404);

  const again = (await maren.call(`PUT /invitations/${id}/code`, {})).body;
  expect((await maren.call(`DELETE /invitations/${id}`)).status).toBe(200);
  expect((await accept(again.code, 'marek')).status).toBe(404);
  expect((await maren.call(`DELETE /invitations/${id}`)).status).toBe(404);
  await bed.sweep();
});

test('who has forgotten a password chooses a new one: their sessions end', async () => {
  const tobias = await bed.as('tobias');
  const { id } = (await tobias.call('GET /session')).body.person;
  const first = (await maren.call(`POST /people/${id}/new-password`, { id: randomUUID() })).body;
  const { code } = (await maren.call(`POST /people/${id}/new-password`, { id: randomUUID() })).body;
  expect((await see(first.code)).status).toBe(404);
  expect((await see(code)).body).toMatchObject({ for: 'password', login: 'tobias' });
  const { status, body, by } = await accept(code, null, { password: 'four green kettles' });
  expect([status, body.person.name]).toEqual([200, 'tobias']);
  expect((await by.call('GET /session')).status).toBe(200);
  expect((await tobias.call('GET /session')).status).toBe(401);
  const given = (password: string) =>
    bed.anyone().call('POST /session', { login: 'tobias', password });
  expect((await given('a long enough one')).status).toBe(401);
  expect((await given('four green kettles')).status).toBe(200);
});

test('only a supervisor asks anybody in, and nobody who left comes back by a code', async () => {
  const anneke = await bed.as('anneke');
  for (const line of ['GET /invitations', 'GET /company/beginning'])
    expect((await anneke.call(line)).status).toBe(403);
  expect((await invite('Nobody', anneke)).status).toBe(403);
  const { id } = (await anneke.call('GET /session')).body.person;
  const { code } = (await maren.call(`POST /people/${id}/new-password`, { id: randomUUID() })).body;
  const people = (await maren.call('GET /people')).body as { id: string; revision: number }[];
  const { revision } = people.find((one) => one.id === id)!;
  await maren.call(`POST /people/${id}/leave`, {}, { 'if-match': `"${revision}"` });
  expect((await accept(code, null)).status).toBe(404);
  const refused = await maren.call(`POST /people/${id}/new-password`, { id: randomUUID() });
  expect(refused.status).toBe(404);
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('one’s own name is changed, also in what was done before', async () => {
  expect((await maren.call('PUT /me/name', { name: 'Maren K' })).status).toBe(200);
  expect((await maren.call('GET /session')).body.person.name).toBe('Maren K');
  const [row] = (await maren.call('GET /records?kind=name-changed')).body.rows;
  expect([row.person, row.subject]).toEqual(['Maren K', 'Maren K']);
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('whoever guesses codes has to wait', async () => {
  const told: number[] = [];
  for (let i = 0; i < 8; i += 1) told.push((await see(`guess${i}`)).status);
  expect(told[0]).toBe(404);
  expect(told.at(-1)).toBe(429);
});
