import { litres } from '@zymostat/core';
import { extractText, getDocumentProxy } from 'unpdf';
import { addHome, pourChecked, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
});
afterAll(() => bed.close());

const codes = ({ body }: { body: { reasons?: { code: string }[] } }) =>
  body.reasons?.map(({ code }) => code) ?? [];
const refusals = async (what: string) =>
  (
    (await maren.call('GET /records?kind=refusal&limit=500')).body.rows as {
      body: { what: string; refused: object; reasons: { code: string }[] };
    }[]
  )
    .map(({ body }) => body)
    .filter((body) => body.what === what);
const product = (name: string, groups: string[]) => ({
  name,
  volume: litres(1),
  expiresAt: Date.now() + 1e9,
  pricePerLitre: null,
  label: { groups, uses: [{ goal: 'disinfect', against: ['everyday'], seconds: 60 }], notOn: [] },
});
const anotherRule = (one: string, other: string, by: object) => ({
  one,
  other,
  by,
  happens: 'We have seen it go wrong.',
  remedy: 'Rinse.',
});
const bowlWith = (stockId: string, strength: number, more = {}) => ({
  fields: { name: 'WC bowl', material: 'vitreous-china', level: 'toilet' },
  setting: {
    goal: 'clean',
    against: 'everyday',
    use: { stockId, strength },
    accepted: null,
    ...more,
  },
});

describe('the doors: each refuses a Never with the reason, and writes it down as prevented', () => {
  test('approving: a client’s bleach tablet bars vinegar in that bowl until it is taken out', async () => {
    const { home, surfaces } = await addHome(maren, [bowlWith(bed.stock['S-3'], 0.05)]);
    await maren.call(`PUT /homes/${home}`, {
      name: 'Hedda',
      place: 'Fennel Row',
      situations: [],
      clientKeeps: ['cistern-tablet'],
    });
    const refused = await maren.call(`POST /homes/${home}/protocols`, {});
    expect(refused.status).toBe(409);
    expect(codes(refused)).toContain('meets-in-bowl');
    expect((await refusals('protocol'))[0]!.refused).toEqual({
      is: 'surfaces',
      surfaces: [{ roomName: 'Bathroom', surfaceName: 'WC bowl' }],
    });

    await maren.call(`PUT /surfaces/${surfaces[0]}/setting`, {
      goal: 'clean',
      against: 'everyday',
      use: { stockId: bed.stock['S-3'], strength: 0.05 },
      accepted: null,
      lifts: true,
    });
    const { body: version } = await maren.call(`POST /homes/${home}/protocols`, {});
    const { body: approved } = await maren.call(`GET /protocols/${version.id}`);
    expect(approved.protocol.rooms[0].surfaces[0].steps).toEqual([
      'open-window',
      'gloves',
      'goggles',
      'take-out',
      'flush',
      'flush',
      'wash',
      'dry-first',
      'spray',
      'wipe',
    ]);
  });

  test('surveying: what the client keeps is taken down as it is, and what it bars is written down at once', async () => {
    const { home } = await addHome(maren, [bowlWith(bed.stock['S-1'], 0.03)]);
    const version = await maren.call(`POST /homes/${home}/protocols`, {});
    expect(version.status).toBe(200);
    const before = (await refusals('survey')).length;
    expect(
      (
        await maren.call(`PUT /homes/${home}`, {
          name: 'Bram',
          place: 'Kiln House',
          situations: [],
          clientKeeps: ['cistern-tablet'],
        })
      ).status,
    ).toBe(200);
    const written = await refusals('survey');
    expect(written).toHaveLength(before + 1);
    expect(written[0]!.reasons.map(({ code }) => code)).toEqual(['meets-in-bowl']);
    expect(
      (await maren.call(`GET /homes/${home}`)).body.flags.map(({ why }: { why: string }) => why),
    ).toEqual(['never']);
    // Told again, it is not written down again.
    await maren.call(`PUT /homes/${home}`, {
      name: 'Bram',
      place: 'Kiln House 2',
      situations: [],
      clientKeeps: ['cistern-tablet'],
    });
    expect(await refusals('survey')).toHaveLength(before + 1);

    // And the round by the version that was approved before refuses it at that bowl.
    const round = crypto.randomUUID();
    await tobias.call('POST /rounds', { id: round, homeId: home });
    const { body: going } = await tobias.call(`GET /rounds/${round}`);
    expect(going.clientKeeps).toEqual(['cistern-tablet']);
    const surfaceId = going.version.protocol.rooms[0].surfaces[0].id as string;
    const batchId = await pourChecked(tobias, bed.stock['S-1'], 0.03);
    const event = (kind: string, batch: string | null = null) =>
      tobias.did(round, {
        id: crypto.randomUUID(),
        surfaceId,
        kind,
        at: Date.now(),
        batchId: batch,
      });
    expect((await event('washed')).status).toBe(200);
    const applied = await event('applied', batchId);
    expect(applied.status).toBe(409);
    expect(codes(applied)).toContain('meets-in-bowl');
    expect((await refusals('round-event'))[0]!.reasons.map(({ code }) => code)).toContain(
      'meets-in-bowl',
    );
  });

  test('starting a surface: the tablet is taken out first', async () => {
    const { home } = await addHome(maren, [bowlWith(bed.stock['S-3'], 0.05, { lifts: true })]);
    await maren.call(`PUT /homes/${home}`, {
      name: 'Yara',
      place: 'Saltbox',
      situations: [],
      clientKeeps: ['cistern-tablet'],
    });
    await maren.call(`POST /homes/${home}/protocols`, {});
    const round = crypto.randomUUID();
    await tobias.call('POST /rounds', { id: round, homeId: home });
    const surfaceId = (await tobias.call(`GET /rounds/${round}`)).body.version.protocol.rooms[0]
      .surfaces[0].id as string;
    const batchId = (
      await tobias.call('POST /batches', {
        stockId: bed.stock['S-3'],
        strength: 0.05,
        purpose: 'clean',
        volume: litres(0.5),
      })
    ).body.id as string;
    const event = (kind: string, batch: string | null = null) =>
      tobias.did(round, {
        id: crypto.randomUUID(),
        surfaceId,
        kind,
        at: Date.now(),
        batchId: batch,
      });
    await event('washed');
    expect(codes(await event('applied', batchId))).toContain('not-taken-out');
    expect((await event('lifted')).status).toBe(200);
    expect((await event('applied', batchId)).status).toBe(200);
  });

  test('pouring: what must not meet water is not poured', async () => {
    const { body: acid } = await maren.call(
      'POST /products',
      product('Strong acid', ['strong-acid']),
    );
    const refused = await tobias.call('POST /batches', {
      stockId: acid.id,
      strength: 1,
      purpose: 'disinfect',
      volume: litres(0.5),
    });
    expect([refused.status, codes(refused)]).toEqual([409, ['not-with-water']]);
    expect((await refusals('batch'))[0]!.reasons.map(({ code }) => code)).toEqual([
      'not-with-water',
    ]);
  });

  test('filling: a bottle that held what it must not meet', async () => {
    const [peroxide, vinegar] = [
      await pourChecked(tobias, bed.stock['S-1'], 0.03),
      (
        await tobias.call('POST /batches', {
          stockId: bed.stock['S-3'],
          strength: 0.05,
          purpose: 'clean',
          volume: litres(0.5),
        })
      ).body.id as string,
    ];
    const { body: bottle } = await maren.call('POST /bottles', {
      material: 'HDPE',
      opaque: true,
      volume: litres(0.5),
    });
    expect(
      (await tobias.call(`POST /bottles/${bottle.id}/fill`, { batchId: peroxide })).status,
    ).toBe(200);
    const refused = await tobias.call(`POST /bottles/${bottle.id}/fill`, { batchId: vinegar });
    expect([refused.status, codes(refused).includes('held-before')]).toEqual([409, true]);
    expect((await refusals('bottle')).length).toBeGreaterThan(0);
  });

  test('loading a caddy: bleach beside vinegar is refused, on the shelf it is care', async () => {
    const { body: caddy } = await maren.call('POST /places', { kind: 'caddy', name: 'Caddy 1' });
    const { body: shelf } = await maren.call('POST /places', { kind: 'shelf', name: 'Shelf A' });
    expect(
      (await tobias.call(`POST /places/${caddy.id}/items`, { is: 'stock', id: bed.stock['S-3'] }))
        .status,
    ).toBe(200);
    const refused = await tobias.call(`POST /places/${caddy.id}/items`, {
      is: 'kind',
      id: 'chlorine-bleach',
    });
    expect([refused.status, codes(refused)]).toEqual([409, ['not-carried-together']]);
    expect((await refusals('place'))[0]).toMatchObject({
      refused: { is: 'putting', thing: 'chlorine-bleach', place: 'Caddy 1' },
    });
    expect(
      (await tobias.call(`POST /places/${shelf.id}/items`, { is: 'kind', id: 'chlorine-bleach' }))
        .status,
    ).toBe(200);
    // It stands in one place at a time: put on the shelf, it is out of the caddy.
    expect(
      (await tobias.call(`POST /places/${shelf.id}/items`, { is: 'stock', id: bed.stock['S-3'] }))
        .status,
    ).toBe(200);
    const all = (await tobias.call('GET /places')).body as {
      name: string;
      items: { name: string }[];
    }[];
    expect(all.map(({ name, items }) => [name, items.map((item) => item.name)])).toEqual([
      ['Caddy 1', []],
      ['Shelf A', ['chlorine-bleach', 'S-3']],
    ]);
    expect((await maren.call(`DELETE /places/${shelf.id}`)).body.detail).toMatch(/still holds 2/);
    // Whose it is and what belongs there is a supervisor's to say; parting is for whoever stands there.
    const belongs = [{ active: 'acetic acid', strength: 0.05, count: 2 }];
    const whose = { whose: 'Van 2', belongs };
    expect((await tobias.call(`PUT /places/${shelf.id}`, whose)).status).toBe(403);
    expect((await maren.call(`PUT /places/${shelf.id}`, whose)).status).toBe(200);
    expect((await tobias.call(`POST /places/${shelf.id}/regroup`, {})).status).toBe(200);
    const after = (await tobias.call('GET /places')).body as {
      name: string;
      whose: string | null;
      belongs: object[];
      items: { of: string }[];
    }[];
    expect(after.filter(({ name }) => name.startsWith('Shelf A'))).toMatchObject([
      { name: 'Shelf A', whose: 'Van 2', belongs, items: [{ of: bed.stock['S-3'] }] },
      { name: 'Shelf A 2', whose: null, belongs: [], items: [{ of: 'chlorine-bleach' }] },
    ]);
    expect((await maren.call(`DELETE /places/${caddy.id}`)).status).toBe(200);
    expect((await maren.call('POST /places', { kind: 'shelf', name: 'Shelf A' })).status).toBe(409);
  });
});

describe('the company’s own rules', () => {
  test('bind at once, make nothing milder, and ask everybody to read again', async () => {
    const before = (await tobias.call('GET /book')).body;
    expect((await tobias.call('POST /book/read', { edition: before.edition })).status).toBe(200);
    expect((await tobias.call('GET /session')).body.readEdition).toBe(before.edition);
    expect(
      (await tobias.call('POST /book/rules', anotherRule('alcohol', 'quat', { caddy: 'never' })))
        .status,
    ).toBe(403);
    const milder = await maren.call(
      'POST /book/rules',
      anotherRule('hypochlorite', 'acid', { vessel: 'fine' }),
    );
    expect([milder.status, milder.body.detail]).toEqual([
      400,
      expect.stringContaining('makes nothing milder'),
    ]);

    const { body: rule } = await maren.call(
      'POST /book/rules',
      anotherRule('alcohol', 'quat', { caddy: 'never' }),
    );
    const { body: me } = await tobias.call('GET /session');
    expect(me.company.edition).toBe(before.edition + 1);
    expect(me.readEdition).toBe(before.edition);
    expect((await tobias.call('POST /book/read', { edition: before.edition })).status).toBe(409);

    const { body: caddy } = await maren.call('POST /places', { kind: 'caddy', name: 'Caddy 2' });
    await tobias.call(`POST /places/${caddy.id}/items`, { is: 'stock', id: bed.stock['S-4'] });
    expect(
      codes(await tobias.call(`POST /places/${caddy.id}/items`, { is: 'kind', id: 'quat-spray' })),
    ).toEqual(['not-carried-together']);

    expect(
      (
        await maren.call(`POST /book/rules/${rule.id}/withdraw`, {
          why: 'Entered for the wrong pair.',
        })
      ).status,
    ).toBe(200);
    expect(
      (await tobias.call(`POST /places/${caddy.id}/items`, { is: 'kind', id: 'quat-spray' }))
        .status,
    ).toBe(200);
    expect(
      (await maren.call(`POST /book/rules/${rule.id}/withdraw`, { why: 'Again.' })).status,
    ).toBe(404);
    const { body: after } = await maren.call('GET /book');
    expect([after.edition, after.own]).toEqual([before.edition + 2, []]);
    expect(after.readers.find(({ name }: { name: string }) => name === 'tobias').edition).toBe(
      before.edition,
    );
    expect((await tobias.call('GET /book')).body.readers).toHaveLength(1);
  });
});

describe('near misses', () => {
  test('carry what met what, and are followed up until closed', async () => {
    const { body: logged } = await tobias.call('POST /mishaps', {
      kind: 'near-miss',
      what: 'Glass cleaner on the bleached floor.',
      products: ['Glass cleaner with ammonia', 'Chlorine bleach'],
      pair: { one: 'ammonia', other: 'hypochlorite' },
      route: 'surface',
      amount: 'a squirt',
      symptoms: 'none',
      homeId: null,
      place: 'Depot',
      who: 'Tobias',
      at: Date.now(),
      done: 'Wiped up with water, window open.',
    });
    expect(logged.body).toMatchObject({
      pair: { one: 'ammonia', other: 'hypochlorite' },
      route: 'surface',
      amount: 'a squirt',
    });
    const next = {
      text: 'Glass cleaner leaves the caddies.',
      owner: 'Anneke',
      due: '2026-12-01',
      closed: false,
    };
    expect((await tobias.call(`POST /mishaps/${logged.factId}/follow-ups`, next)).status).toBe(403);
    expect((await maren.call(`POST /mishaps/${logged.factId}/follow-ups`, next)).status).toBe(200);
    expect(
      (
        await maren.call(`POST /mishaps/${logged.factId}/follow-ups`, {
          ...next,
          text: 'Done.',
          due: null,
          closed: true,
        })
      ).status,
    ).toBe(200);
    expect((await maren.call(`POST /mishaps/${crypto.randomUUID()}/follow-ups`, next)).status).toBe(
      404,
    );
    expect(
      (
        await maren.call(`POST /mishaps/${logged.factId}/follow-ups`, {
          ...next,
          due: '1 December',
        })
      ).body.detail,
    ).toMatch(/A day is written/);
    const rows = (await tobias.call('GET /mishaps')).body as {
      kind: string;
      body: { of?: string; closed?: boolean };
    }[];
    expect(
      rows.filter(({ body }) => body.of === logged.factId).map(({ body }) => body.closed),
    ).toEqual([true, false]);
    const csv = (await maren.call('GET /mishaps.csv')).body as string;
    expect(csv).toMatch(
      /Near miss,,tobias,Glass cleaner with ammonia and Chlorine bleach,Surface,a squirt/,
    );
    expect((await maren.call('GET /mishaps.json')).body.rows).toHaveLength(3);
  });
});

describe('on paper', () => {
  const textOf = async (size: string) => {
    const response = await fetch(`${bed.base}/api/book/poster.pdf?size=${size}`, {
      headers: { cookie: tobias.cookie },
    });
    const pdf = await getDocumentProxy(new Uint8Array(await response.arrayBuffer()));
    const { width } = (await pdf.getPage(1)).getViewport({ scale: 1 });
    const { text } = await extractText(pdf, { mergePages: true });
    const first = (await extractText(pdf, { mergePages: false })).text[0]!;
    return { pages: pdf.numPages, width: Math.round(width), text, first };
  };

  test.each([
    ['A4', 595],
    ['A3', 842],
    ['card', 298],
  ])('the list as %s', async (size, width) => {
    const found = await textOf(size);
    expect(found.width).toBe(width);
    expect(found.text).toContain('Never together');
    expect(found.text).toMatch(/Chlorine bleach with acid/);
    expect(found.text).toMatch(/poison line, 2/);
    expect(found.text).toMatch(/local codes and licensed practice prevail/);
    expect(found.first).toContain('First response');
  });

  test('with the company’s own rules and numbers', async () => {
    await maren.call('PUT /company/numbers', { emergencyNumber: '999-1', poisonLine: '999-2' });
    const { body: rule } = await maren.call(
      'POST /book/rules',
      anotherRule('borax', 'anything', { surface: 'never' }),
    );
    for (const other of ['soap', 'quat', 'metal', 'oil', 'detergent'] as const)
      await maren.call('POST /book/rules', anotherRule('alcohol', other, { vessel: 'never' }));
    // However many rules there are, what to do first stands on page one, whole.
    for (const size of ['A4', 'A3', 'card']) {
      const { first } = await textOf(size);
      expect(first).toContain('First response');
      expect(first.replace(/\s+/g, ' ')).toContain('Write it down in the log.');
    }
    const { text } = await textOf('A4');
    expect(text).toMatch(/Borax with anything else/);
    expect(text).toMatch(/emergency number, 999-1/);
    expect((await tobias.call('GET /book.csv')).body).toMatch(
      /Borax with anything else,Never,surface,We have seen it go wrong\.,Rinse\.,company rule/,
    );
    expect((await tobias.call('GET /book.json')).body).toMatchObject({
      format: 'zymostat.never-combine/1',
      own: expect.arrayContaining([expect.objectContaining({ id: rule.id })]),
    });
    expect(
      (await tobias.call('PUT /company/numbers', { emergencyNumber: '1', poisonLine: '2' })).status,
    ).toBe(403);
    expect((await tobias.call('GET /book/poster.pdf?size=A2')).body.detail).toMatch(
      /A4, A3 and card/,
    );
  });
});
