import { jest } from '@jest/globals';
import { endpoints, streams, type Endpoint } from '@zymostat/contract';
import { createApp } from '../src/app.ts';
import { key, quiet, testBed, type Bed } from './support.ts';

let bed: Bed;
beforeAll(async () => (bed = await testBed()));
afterAll(() => bed.close());

const someId = '00000000-0000-4000-8000-000000000000';
const all = Object.entries(endpoints) as [string, Endpoint][];
const lineOf = ({ method, path }: Endpoint) =>
  `${method.toUpperCase()} ${path.replace(':id', someId)}`;

describe('signing in', () => {
  test('gives a session cookie that scripts cannot read and other sites cannot send', async () => {
    const caller = bed.anyone();
    const answer = await caller.call('POST /session', {
      login: 'maren',
      password: 'a long enough one',
    });
    expect(answer.status).toBe(200);
    expect(answer.body.person).toMatchObject({ name: 'maren', role: 'supervisor' });
    expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly.*SameSite=Strict/);
    expect((await caller.call('GET /session')).body.company.poisonLine).toBe('2');
  });

  test('signing out ends the session on the server too', async () => {
    const caller = await bed.as('tobias');
    const { cookie } = caller;
    await caller.call('DELETE /session');
    caller.cookie = cookie;
    expect((await caller.call('GET /session')).status).toBe(401);
  });

  test('a session that ends while others ask with it is over for all, and breaks none', async () => {
    for (let turn = 0; turn < 4; turn += 1) {
      const caller = await bed.as('tobias');
      const { cookie } = caller;
      const asks = () =>
        Promise.all(
          Array.from({ length: 12 }, () =>
            fetch(`${bed.base}/api/session`, { headers: { cookie } }).then(({ status }) => status),
          ),
        );
      const [during] = await Promise.all([asks(), caller.call('DELETE /session')]);
      for (const status of during) expect([200, 401]).toContain(status);
      expect(new Set(await asks())).toEqual(new Set([401]));
    }
  });

  test('passwords are kept as argon2id, tokens as hashes', async () => {
    const caller = await bed.as('anneke');
    const [{ password_hash }] = await bed.context.db.query(
      "SELECT password_hash FROM person WHERE login = 'anneke'",
    );
    expect(password_hash).toMatch(/^\$argon2id\$/);
    const rows: { token_hash: string }[] = await bed.context.db.query(
      'SELECT token_hash FROM session',
    );
    expect(rows.some(({ token_hash }) => caller.cookie.includes(token_hash))).toBe(false);
  });

  test('a session ends by itself after a fortnight', async () => {
    const caller = await bed.as('maren');
    bed.pass(15 * 86_400_000);
    expect((await caller.call('GET /session')).status).toBe(401);
  });
});

describe('roles', () => {
  test.each(all.filter(([, one]) => one.who !== 'anyone'))(
    '%s is closed to nobody in particular',
    async (_, one) => {
      const body = one.method === 'get' || one.method === 'delete' ? undefined : {};
      expect((await bed.anyone().call(lineOf(one), body)).status).toBe(401);
    },
  );

  test('a cleaner can do nothing that is for a supervisor', async () => {
    const tobias = await bed.as('tobias');
    for (const [, one] of all.filter(([, { who }]) => who === 'supervisor')) {
      const answer = await tobias.call(
        lineOf(one),
        one.method === 'get' || one.method === 'delete' ? undefined : {},
      );
      expect([lineOf(one), answer.status, answer.body.type]).toEqual([
        lineOf(one),
        403,
        '/problems/not-allowed',
      ]);
    }
    for (const { path } of Object.values(streams).filter(({ who }) => who === 'supervisor'))
      expect((await tobias.call(`GET ${path}`)).status).toBe(403);
    for (const { path } of Object.values(streams))
      expect((await bed.anyone().call(`GET ${path.replace(':id', someId)}`)).status).toBe(401);
  });
});

/** Every route that the server has, however it was registered: method and path. */
const served = (router: { stack: Layer[] }): string[] =>
  router.stack.flatMap(({ route, handle }) => {
    if (route) return Object.keys(route.methods).map((method) => `${method} ${route.path}`);
    return handle.stack ? served(handle as { stack: Layer[] }) : [];
  });
interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  handle: { stack?: Layer[] };
}

test('there is no route but those of the contract, each with who may call it', () => {
  const app = createApp(
    { write: bed.context, read: bed.context, report: bed.context },
    { notices: { on: () => () => undefined, close: () => Promise.resolve() }, key, log: quiet },
  );
  const named = [
    ...Object.values(endpoints).map(({ method, path }) => `${method} ${path}`),
    ...Object.values(streams).map(({ path }) => `get ${path}`),
    'get /openapi.json',
  ];
  const found = served(app.router as unknown as { stack: Layer[] }).filter(
    (one) => !one.includes('{*path}') && one !== 'get /healthz',
  );
  expect([...found].sort()).toEqual([...named].sort());
  for (const one of [...Object.values(endpoints), ...Object.values(streams)])
    expect(['anyone', 'person', 'supervisor']).toContain(one.who);
  const open = Object.entries(endpoints).filter(([, { who }]) => who === 'anyone');
  expect(open.map(([name]) => name).sort()).toEqual([
    'accept',
    'checkCode',
    'checkPaper',
    'seeInvitation',
    'setUp',
    'setUpNeeded',
    'signIn',
  ]);
  app.locals.open.close();
});

describe('bad requests', () => {
  test.each<[string, string, unknown, RegExp]>([
    [
      'an unknown field',
      'POST /homes',
      { name: 'A', place: 'B', situations: [], owner: 'me' },
      /owner/,
    ],
    ['a missing field', 'POST /homes', { name: 'A', situations: [] }, /place/],
    [
      'a wrong choice',
      'POST /homes',
      { name: 'A', place: 'B', situations: ['dragon'] },
      /situations/,
    ],
    ['an empty text', 'POST /homes', { name: '   ', place: 'B', situations: [] }, /name/],
    ['a control character', 'POST /homes', { name: 'A\u0000', place: 'B', situations: [] }, /name/],
    ['no room', 'POST /homes/nowhere/rooms', {}, /id/],
  ])('%s is named', async (_, line, body, path) => {
    const answer = await (await bed.as('maren')).call(line, body);
    expect(answer.status).toBe(400);
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
    expect(answer.body).toMatchObject({ type: '/problems/bad-request', status: 400 });
    expect(answer.body.fields.some((field: { path: string }) => path.test(field.path))).toBe(true);
  });

  test('what is not JSON, what is too large and what does not exist are told apart', async () => {
    const maren = await bed.as('maren');
    expect((await maren.call('POST /homes', '{"name":')).body.type).toBe('/problems/unreadable');
    expect((await maren.call('POST /homes', { name: 'x'.repeat(300_000) })).body.detail).toContain(
      'larger than',
    );
    expect((await maren.call('GET /nowhere')).body.type).toBe('/problems/not-found');
    expect((await maren.call(`GET /homes/${someId}`)).status).toBe(404);
    expect((await maren.call('GET /records?limit=9999')).status).toBe(400);
  });

  test('an unexpected fault shows no trace of the code', async () => {
    const noise = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const broken = jest.spyOn(bed.context.db, 'getRepository').mockImplementation(() => {
      throw new Error('secret detail at /srv/file.ts:1');
    });
    const answer = await bed.anyone().call('POST /session', { login: 'maren', password: 'x' });
    broken.mockRestore();
    noise.mockRestore();
    expect(answer.status).toBe(500);
    expect(JSON.stringify(answer.body)).not.toMatch(/secret|file\.ts|at /);
  });
});

test('nothing inline and nothing from elsewhere may run in the page', async () => {
  const { headers } = await bed.anyone().call('GET /openapi.json');
  const policy = headers.get('content-security-policy') ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/unsafe|https?:/);
  expect(headers.get('x-powered-by')).toBeNull();
});
