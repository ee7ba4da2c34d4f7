import { randomUUID } from 'node:crypto';
import { endpoints, isKeyed } from '@zymostat/contract';
import { houseQuestions, litres, schools } from '@zymostat/core';
import {
  addHome,
  bathroom,
  clean,
  testBed,
  type Answered,
  type Bed,
  type Caller,
} from './support.ts';

/** What is sent twice, at once, half, or from somewhere else. */
let bed: Bed;
let maren: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
});
afterAll(() => bed.close());

const AT_ONCE = 20;
const atOnce = (work: (i: number) => Promise<Answered>): Promise<Answered[]> =>
  Promise.all(Array.from({ length: AT_ONCE }, (_, i) => work(i)));
const statusesOf = (answers: Answered[]) => answers.map(({ status }) => status);
const count = async (table: string): Promise<number> =>
  Number((await bed.context.db.query(`SELECT count(*) FROM ${table}`))[0].count);

const mishap = {
  kind: 'near-miss',
  what: 'Bleach beside vinegar',
  products: [],
  homeId: null,
  place: 'Depot',
  who: 'Tobias',
  at: 1_000_000,
  done: 'Taken apart',
};

describe('a key', () => {
  const keyed = (key: string) => ({ 'idempotency-key': key });

  test('what is sent again is done once and answered as before', async () => {
    const key = randomUUID();
    const first = await tobias.call('POST /mishaps', mishap, keyed(key));
    const rows = await count('ledger');
    const again = await tobias.call('POST /mishaps', mishap, keyed(key.toUpperCase()));
    expect([again.status, again.body]).toEqual([200, first.body]);
    expect(await count('ledger')).toBe(rows);
  });

  test('twenty at once with one key do it once', async () => {
    const [key, before] = [randomUUID(), await count('home')];
    const home = { name: 'Twenty', place: 'Row', situations: [] };
    const answers = await atOnce(() => maren.call('POST /homes', home, keyed(key)));
    expect(await count('home')).toBe(before + 1);
    expect(new Set(answers.map(({ body }) => body.id)).size).toBe(1);
  });

  test('a refusal is on record once, and said again', async () => {
    const key = randomUUID();
    const tooWeak = {
      stockId: bed.stock['S-4'],
      strength: 0.35,
      purpose: 'disinfect',
      volume: 5e-4,
    };
    const first = await tobias.call('POST /batches', tooWeak, keyed(key));
    const rows = await count('ledger');
    const again = await tobias.call('POST /batches', tooWeak, keyed(key));
    expect([first.status, again.status]).toEqual([409, 409]);
    expect(again.body.reasons).toEqual(first.body.reasons);
    expect(await count('ledger')).toBe(rows);
  });

  test('of something else, of another person, missing, or none at all', async () => {
    const key = randomUUID();
    await tobias.call('POST /mishaps', mishap, keyed(key));
    const other = await tobias.call('POST /mishaps', { ...mishap, who: 'Ruben' }, keyed(key));
    expect([other.status, other.body.type]).toEqual([409, '/problems/conflict']);
    expect((await maren.call('POST /mishaps', mishap, keyed(key))).status).toBe(200);
    expect((await tobias.call('POST /mishaps', mishap, keyed('12'))).status).toBe(400);
    const bare = await fetch(`${bed.base}/api/mishaps`, {
      method: 'POST',
      headers: { cookie: tobias.cookie, 'content-type': 'application/json' },
      body: JSON.stringify(mishap),
    });
    expect([bare.status, ((await bare.json()) as { type: string }).type]).toEqual([
      428,
      '/problems/not-keyed',
    ]);
  });

  test('every POST that does something takes one, but signing in and what has an id of its own', () => {
    const bare = Object.entries(endpoints).filter(
      ([, one]) => one.method === 'post' && !isKeyed(one as never),
    );
    expect(bare.map(([name]) => name).sort()).toEqual([
      'accept',
      'addEvent',
      'addEvents',
      'beginBath',
      'checkCode',
      'checkPaper',
      'endBath',
      'giveVisit',
      'invite',
      'inviteMany',
      'makeJar',
      'makeReport',
      'measureAir',
      'newPasswordFor',
      'planAnew',
      'seeInvitation',
      'setUp',
      'signIn',
      'startRound',
      'tellCloths',
      'tellJar',
    ]);
  });
});

describe('twenty at once', () => {
  const oneWins = (answers: Answered[], others = 409) => {
    expect(statusesOf(answers).filter((status) => status === 200)).toHaveLength(1);
    expect(new Set(statusesOf(answers).filter((status) => status !== 200))).toEqual(
      new Set([others]),
    );
  };

  test('start one round: it is one round', async () => {
    const { home } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]);
    await maren.call(`POST /homes/${home}/protocols`, {});
    const id = randomUUID();
    const answers = await atOnce(() => tobias.call('POST /rounds', { id, homeId: home }));
    expect(new Set(statusesOf(answers))).toEqual(new Set([200]));
    const { rows } = (await maren.call('GET /records?kind=round-started')).body;
    expect(
      rows.filter((row: { body: { roundId: string } }) => row.body.roundId === id),
    ).toHaveLength(1);
  });

  test('set many in opposite orders: all are taken, none is lost in a deadlock', async () => {
    const { home, surfaces } = await addHome(maren, [{}, {}, {}]);
    const setting = clean(bed.stock['S-3'], 0.05);
    const settings = surfaces.map((surfaceId) => ({ surfaceId, setting }));
    const answers = await atOnce((i) =>
      maren.call(`PUT /homes/${home}/settings`, {
        settings: i % 2 === 0 ? settings : [...settings].reverse(),
      }),
    );
    expect(new Set(statusesOf(answers))).toEqual(new Set([200]));
  });

  test('enter a product: each has a code of its own', async () => {
    const product = {
      name: 'Bath cleaner',
      volume: litres(1),
      expiresAt: bed.context.now() + 1e9,
      pricePerLitre: null,
      label: {
        groups: ['quat'],
        uses: [{ goal: 'disinfect', against: ['respiratory'], seconds: 300 }],
        notOn: [],
      },
    };
    const answers = await atOnce(() => maren.call('POST /products', product));
    expect(statusesOf(answers)).toEqual(Array.from({ length: AT_ONCE }, () => 200));
    expect(new Set(answers.map(({ body }) => body.code)).size).toBe(AT_ONCE);
  });

  test('save a recipe under one name: one has it', async () => {
    const recipe = { name: 'Wood soap', claim: 'clean', text: '20 ml liquid soap' };
    oneWins(await atOnce(() => tobias.call('POST /recipes', recipe)));
  });

  test('save the next version of a recipe: one was first, the others are told', async () => {
    const recipe = { name: 'Floor', claim: 'clean', text: '20 ml liquid soap' };
    const { id } = (await tobias.call('POST /recipes', recipe)).body;
    oneWins(
      await atOnce((i) =>
        tobias.call(
          `POST /recipes/${id}/versions`,
          { ...recipe, text: `${20 + i} ml liquid soap` },
          { 'if-match': '"1"' },
        ),
      ),
    );
  });

  test('change the house rules as they were seen: one wins, and the ledger is true', async () => {
    const { company } = (await maren.call('GET /session')).body;
    const question = houseQuestions[0]!;
    const other = schools[question].find((one) => one !== company.houseRules[question]);
    const answers = await atOnce(() =>
      maren.call(
        'PUT /house-rules',
        { ...company.houseRules, [question]: other },
        { 'if-match': `"${company.revision}"` },
      ),
    );
    oneWins(answers);
    const [row] = (await maren.call('GET /records?kind=house-rules')).body.rows;
    expect(row.body.changes).toEqual([{ question, from: company.houseRules[question], to: other }]);
  });

  test('write rules of the company: each edition once', async () => {
    const answers = await atOnce((i) =>
      maren.call('POST /book/rules', {
        one: 'acid',
        other: 'soap',
        by: { surface: 'never' },
        happens: `It curdles ${i}`,
        remedy: 'Pour it away',
      }),
    );
    expect(new Set(statusesOf(answers))).toEqual(new Set([200]));
    const { rows } = (await maren.call('GET /records?kind=rule-added')).body;
    const editions = rows.map((row: { body: { edition: number } }) => row.body.edition);
    expect(new Set(editions).size).toBe(AT_ONCE);
  });

  test('put one container on many shelves: it stands on one', async () => {
    const places = await atOnce((i) =>
      maren.call('POST /places', { kind: 'shelf', name: `Shelf ${i}` }),
    );
    const answers = await atOnce((i) =>
      tobias.call(`POST /places/${places[i]!.body.id}/items`, {
        is: 'stock',
        id: bed.stock['S-1'],
      }),
    );
    expect(statusesOf(answers).every((status) => status === 200 || status === 409)).toBe(true);
    const [{ count: there }] = await bed.context.db.query(
      'SELECT count(*) FROM place_item WHERE stock_id = $1',
      [bed.stock['S-1']],
    );
    expect(Number(there)).toBe(1);
  });

  test('add surfaces while the room goes: each is told', async () => {
    const { home } = await addHome(maren, []);
    const room = (await maren.call(`POST /homes/${home}/rooms`, bathroom)).body.id as string;
    const surface = {
      name: 'Tap',
      material: 'chrome-plate',
      level: 'hand',
      area: 0.1,
      touched: 'often',
      food: false,
    };
    const answers = await atOnce((i) =>
      i === 10
        ? maren.call(`DELETE /rooms/${room}`)
        : maren.call(`POST /rooms/${room}/surfaces`, surface),
    );
    expect(answers[10]!.status).toBe(200);
    expect(statusesOf(answers).every((status) => [200, 404, 409].includes(status))).toBe(true);
  });

  test('one event id into two rounds: it belongs to one', async () => {
    const rounds = [randomUUID(), randomUUID()];
    const surfaces: string[] = [];
    for (const id of rounds) {
      const made = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]);
      await maren.call(`POST /homes/${made.home}/protocols`, {});
      await tobias.call('POST /rounds', { id, homeId: made.home });
      surfaces.push(made.surfaces[0]!);
    }
    const event = { id: randomUUID(), surfaceId: surfaces[0], kind: 'washed', batchId: null };
    const at = bed.context.now();
    const answers = await atOnce((i) => tobias.did(rounds[i % 2]!, { ...event, at }));
    expect(statusesOf(answers).every((status) => status === 200 || status === 409)).toBe(true);
    const [{ count: there }] = await bed.context.db.query(
      'SELECT count(*) FROM ledger WHERE fact_id = $1',
      [event.id],
    );
    expect(Number(there)).toBe(1);
  });
});

test('an address where nothing is, is not found', async () => {
  const answer = await maren.call('GET /nowhere');
  expect([answer.status, answer.body.type]).toEqual([404, '/problems/not-found']);
});

describe('from another page', () => {
  const home = { name: 'A', place: 'B', situations: [] };
  test.each([
    [{ 'sec-fetch-site': 'same-site' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ origin: 'http://127.0.0.1:1' }, 403],
    [{ origin: 'null' }, 403],
    [{ 'sec-fetch-site': 'same-origin' }, 200],
  ])('a change with %j is answered %i', async (headers, status) => {
    expect((await maren.call('POST /homes', home, headers)).status).toBe(status);
  });

  test.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])(
    'a body of type %s is not read',
    async (type) => {
      const answer = await maren.call('POST /homes', home, { 'content-type': type });
      expect([answer.status, answer.body.type]).toEqual([415, '/problems/not-json-type']);
    },
  );

  test('the page’s own address is not another', async () => {
    expect((await maren.call('POST /homes', home, { origin: bed.base })).status).toBe(200);
  });
});

describe('what has no form in which it could be kept', () => {
  test.each([
    ['half a character', { name: 'A\ud800', place: 'B', situations: [] }],
    ['nested without end', `{"name":${'['.repeat(9000)}${']'.repeat(9000)}}`],
  ])('%s is refused at its place', async (_, body) => {
    const answer = await maren.call('POST /homes', body);
    expect(answer.status).toBe(400);
    expect(answer.body.fields[0].path).toMatch(/^name/);
  });

  test.each([5e-324, 1e-310, 1e300])('%d of anything is refused', async (volume) => {
    const answer = await tobias.call('POST /batches', {
      stockId: bed.stock['S-1'],
      strength: 0.03,
      purpose: 'disinfect',
      volume,
    });
    expect(answer.status).toBe(400);
    expect(answer.body.fields[0].path).toBe('volume');
  });

  test('a name is kept composed, however it was typed', async () => {
    const { id } = (
      await maren.call('POST /homes', { name: 'Rene\u0301e', place: 'B', situations: [] })
    ).body;
    expect((await maren.call(`GET /homes/${id}`)).body.name).toBe('Ren\u00e9e');
  });

  test('31 February is no day', async () => {
    const { factId } = (await tobias.call('POST /mishaps', mishap)).body;
    const follow = (due: string) =>
      maren.call(`POST /mishaps/${factId}/follow-ups`, {
        text: 'Lock the cupboard',
        owner: 'Maren',
        due,
        closed: false,
      });
    expect((await follow('2026-02-31')).status).toBe(400);
    expect((await follow('2026-02-28')).status).toBe(200);
  });

  test('ids are one whatever their letters', async () => {
    const { home } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]);
    expect((await maren.call(`GET /homes/${home.toUpperCase()}`)).body.id).toBe(home);
  });
});
