import { randomUUID } from 'node:crypto';
import { litres } from '@zymostat/core';
import {
  addHome,
  basin,
  breaksIn,
  clean,
  disinfect,
  pourChecked,
  testBed,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let anneke: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  [maren, anneke, tobias] = [await bed.as('maren'), await bed.as('maren'), await bed.as('tobias')];
});
afterAll(() => bed.close());

const revisionOf = async (home: string): Promise<number> =>
  (await maren.call(`GET /homes/${home}`)).body.revision;
const seen = (revision: number) => ({ 'if-match': `"${revision}"` });

describe('nobody overwrites or approves what they have not seen', () => {
  test('the loser of two is told who changed what and when, and may take over with what stands now', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{}]);
    const before = await revisionOf(home);
    expect(
      (await maren.call(`PUT /surfaces/${surface}`, { ...basin, area: 0.6 }, seen(before))).status,
    ).toBe(200);
    const lost = await anneke.call(
      `PUT /surfaces/${surface}`,
      { ...basin, material: 'marble' },
      seen(before),
    );
    expect([lost.status, lost.body.type]).toEqual([409, '/problems/changed-meanwhile']);
    expect(lost.body.changes).toMatchObject([
      { by: 'maren', subject: 'Basin', what: 'surface', fields: ['area'], at: bed.context.now() },
    ]);
    expect(lost.body.detail).toMatch(/^maren changed the area of Basin at \d\d:\d\d\.$/);
    expect((await maren.call(`GET /homes/${home}`)).body.rooms[0].surfaces[0]).toMatchObject({
      area: 0.6,
      material: 'porcelain',
    });
    expect(
      (
        await anneke.call(
          `PUT /surfaces/${surface}`,
          { ...basin, material: 'marble' },
          seen(lost.body.revision),
        )
      ).status,
    ).toBe(200);
  });

  test('what is set, a room and the home are held the same way; other things of the home do not stand in the way', async () => {
    const {
      home,
      room,
      surfaces: [one, two],
    } = await addHome(maren, [{}, { fields: { name: 'Tray' } }]);
    const before = await revisionOf(home);
    const setting = disinfect(bed.stock['S-1'], 0.03);
    expect((await maren.call(`PUT /surfaces/${one}/setting`, setting, seen(before))).status).toBe(
      200,
    );
    expect((await anneke.call(`PUT /surfaces/${two}/setting`, setting, seen(before))).status).toBe(
      200,
    );
    expect(
      (
        await anneke.call(
          `PUT /surfaces/${one}/setting`,
          clean(bed.stock['S-3'], 0.05),
          seen(before),
        )
      ).body.changes,
    ).toMatchObject([{ what: 'setting', subject: 'Basin' }]);
    expect(
      (
        await anneke.call(
          `PUT /homes/${home}/settings`,
          { settings: [{ surfaceId: one, setting }] },
          seen(before),
        )
      ).status,
    ).toBe(409);
    const fields = {
      name: 'Bath',
      floorArea: 5,
      height: 2.4,
      ventilation: 'fan',
      flame: 'unknown',
    };
    expect((await maren.call(`PUT /rooms/${room}`, fields, seen(before))).status).toBe(200);
    expect(
      (await anneke.call(`PUT /rooms/${room}`, { ...fields, flame: 'no' }, seen(before))).body
        .changes[0].fields,
    ).toContain('flame');
    expect(
      (
        await maren.call(
          `PUT /homes/${home}`,
          { name: 'Hedda', place: 'Row 2', situations: [] },
          seen(before),
        )
      ).status,
    ).toBe(200);
    expect(
      (
        await anneke.call(
          `PUT /homes/${home}`,
          { name: 'Hedda', place: 'Row 3', situations: [] },
          seen(before),
        )
      ).status,
    ).toBe(409);
  });

  test('an approval holds for what was on the screen and for nothing else', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{ setting: disinfect(bed.stock['S-1'], 0.03) }]);
    const before = await revisionOf(home);
    await anneke.call(
      `PUT /surfaces/${surface}/setting`,
      clean(bed.stock['S-3'], 0.05),
      seen(before),
    );
    const stale = await maren.call(`POST /homes/${home}/protocols`, {}, seen(before));
    expect([stale.status, stale.body.type]).toEqual([409, '/problems/changed-meanwhile']);
    expect((await maren.call(`GET /homes/${home}`)).body.versions).toEqual([]);
    expect(
      (await maren.call(`POST /homes/${home}/protocols`, {}, seen(stale.body.revision))).body,
    ).toMatchObject({ number: 1 });
  });

  test('twenty at once: one wins, the others are told', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{}]);
    const before = await revisionOf(home);
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        maren.call(`PUT /surfaces/${surface}`, { ...basin, area: 1 + i }, seen(before)),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array(19).fill(409)]);
  });

  test('who does not say what they saw is asked to', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{}]);
    for (const header of ['', 'latest', '"-1"', '*']) {
      expect(
        (await maren.call(`PUT /surfaces/${surface}`, basin, { 'if-match': header })).status,
      ).toBe(428);
      expect(
        (await maren.call(`POST /homes/${home}/protocols`, {}, { 'if-match': header })).status,
      ).toBe(428);
    }
  });
});

describe('wet and meeting are judged per home', () => {
  test('a second round neither wets what is wet by the first, nor puts on what must not meet it', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{ setting: disinfect(bed.stock['S-1'], 0.03) }]);
    await maren.call(`POST /homes/${home}/protocols`, {});
    const peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
    const vinegar = (
      await tobias.call('POST /batches', {
        stockId: bed.stock['S-3'],
        strength: 0.05,
        purpose: 'clean',
        volume: litres(0.5),
      })
    ).body.id as string;
    const start = async () => {
      const id = randomUUID();
      await tobias.call('POST /rounds', { id, homeId: home });
      return id;
    };
    const did = (round: string, kind: string, batchId: string | null = null) =>
      tobias.did(round, {
        id: randomUUID(),
        surfaceId: surface,
        kind,
        at: bed.context.now(),
        batchId,
      });
    const codes = ({ body }: { body: { reasons?: { code: string }[] } }) =>
      (body.reasons ?? []).map(({ code }) => code);
    const first = await start();
    // Two rounds at once in one home, as a database of before may hold them.
    const second = randomUUID();
    const { db } = bed.context;
    await db.query(
      `INSERT INTO round (id, home_id, version_id, person_id, started_at) SELECT $1, home_id, version_id, person_id, started_at FROM round WHERE id = $2`,
      [second, first],
    );
    await db.query(
      'INSERT INTO round_person SELECT $1, person_id, joined_at FROM round_person WHERE round_id = $2',
      [second, first],
    );
    await did(second, 'washed');
    bed.pass(1000);
    await did(first, 'washed');
    bed.pass(1000);
    expect((await did(first, 'applied', peroxide)).status).toBe(200);
    bed.pass(1000);
    expect(codes(await did(second, 'applied', peroxide))).toContain('wet-in-another-round');
    bed.pass(600_000);
    await did(first, 'wiped');
    bed.pass(1000);
    // Wiped, not rinsed: the peroxide of the first round is still on it.
    expect(codes(await did(second, 'applied', vinegar))).toContain('must-not-meet');
    // An upper-case id in the path is the same round, and goes past no judge.
    expect(
      codes(
        await tobias.did(second.toUpperCase(), {
          id: randomUUID(),
          surfaceId: surface!.toUpperCase(),
          kind: 'applied',
          at: bed.context.now(),
          batchId: vinegar,
        }),
      ),
    ).toContain('must-not-meet');
  });
});

describe('what is sent is bounded and read one way', () => {
  test('an id in upper case is the one in lower case, and the chain stays whole', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{ setting: disinfect(bed.stock['S-1'], 0.03) }]);
    await maren.call(`POST /homes/${home}/protocols`, {});
    const round = randomUUID();
    await tobias.call('POST /rounds', { id: round.toUpperCase(), homeId: home.toUpperCase() });
    const id = randomUUID();
    const event = { surfaceId: surface, kind: 'washed', at: bed.context.now(), batchId: null };
    expect((await tobias.did(round, { ...event, id: id.toUpperCase() })).body).toEqual({
      id,
      taken: 'now',
    });
    expect((await tobias.did(round, { ...event, id })).body).toEqual({ id, taken: 'before' });
    // But for the round of before, which nobody has spoken of.
    const breaks = await breaksIn(bed.context);
    expect(breaks.filter(({ code }) => code !== 'row-unspoken')).toEqual([]);
  });

  test('a list too long is refused at once, with few faults named', async () => {
    const mishap = {
      kind: 'near-miss',
      homeId: null,
      at: 0,
      what: 'x',
      place: 'x',
      who: 'x',
      done: 'x',
    };
    const started = performance.now();
    const answer = await tobias.call('POST /mishaps', {
      ...mishap,
      products: Array.from({ length: 60_000 }, () => 1),
    });
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body).length).toBeLessThan(4000);
    const usual = performance.now();
    await tobias.call('POST /mishaps', { ...mishap, products: [1] });
    // By ratio in one run: counted before it is looked at, a long list costs little more than
    // reading its JSON.
    expect(usual - started).toBeLessThan(60 * Math.max(5, performance.now() - usual));
    const settings = Array.from({ length: 1000 }, () => ({ surfaceId: 'none', setting: {} }));
    const many = await maren.call(`PUT /homes/${randomUUID()}/settings`, { settings });
    expect(many.status).toBe(400);
    expect(many.body.fields.length).toBeLessThanOrEqual(20);
  });
});

describe('bottles', () => {
  test('no more is filled than was poured, and the same again wants only a new label', async () => {
    const bottle = async () =>
      (await tobias.call('POST /bottles', { material: 'HDPE', opaque: true, volume: litres(0.5) }))
        .body.id as string;
    const batch = await pourChecked(tobias, bed.stock['S-1'], 0.03);
    const [one, two] = [await bottle(), await bottle()];
    expect((await tobias.call(`POST /bottles/${one}/fill`, { batchId: batch })).status).toBe(200);
    expect(
      (await tobias.call(`POST /bottles/${two}/fill`, { batchId: batch })).body.reasons.map(
        ({ code }: { code: string }) => code,
      ),
    ).toEqual(['batch-used-up']);
    expect(
      (
        await tobias.call(`POST /bottles/${one}/fill`, {
          batchId: await pourChecked(tobias, bed.stock['S-1'], 0.03),
        })
      ).status,
    ).toBe(200);
    expect(
      (
        await tobias.call(`POST /bottles/${one}/fill`, {
          batchId: await pourChecked(tobias, bed.stock['S-1'], 0.015),
        })
      ).body.reasons.map(({ code }: { code: string }) => code),
    ).toContain('old-label');
  });
});

test('that a source was compared is a fact of the record, by a supervisor and by name', async () => {
  expect(
    (
      await tobias.call('POST /sources/checked', {
        source: 'NIOSH',
        note: 'Pocket guide, page by page.',
      })
    ).status,
  ).toBe(403);
  expect((await maren.call('POST /sources/checked', { source: 'A blog', note: 'x' })).status).toBe(
    400,
  );
  expect(
    (
      await maren.call('POST /sources/checked', {
        source: 'NIOSH',
        note: 'Pocket guide, page by page.',
      })
    ).status,
  ).toBe(200);
  expect((await tobias.call('GET /sources')).body).toMatchObject([
    { source: 'NIOSH', by: 'maren', note: 'Pocket guide, page by page.' },
  ]);
});
