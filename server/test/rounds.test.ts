import { randomUUID } from 'node:crypto';
import { litres } from '@zymostat/core';
import {
  breaksIn,
  addHome,
  clean,
  disinfect,
  pourChecked,
  testBed,
  type Answered,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let basin: string;
let tray: string;
let floor: string;
const bottle: Record<string, string> = {};

const MINUTE = 60_000;

beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  const made = await addHome(maren, [
    { fields: { name: 'Basin' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    {
      fields: { name: 'High chair tray', material: 'hard-plastic', food: true, level: 'knee' },
      setting: disinfect(bed.stock['S-1'], 0.015),
    },
    { fields: { name: 'Floor', level: 'floor' } },
    {
      fields: { name: 'Shower screen', material: 'glass', level: 'eye' },
      setting: clean(bed.stock['S-3'], 0.05),
    },
  ]);
  home = made.home;
  [basin, tray, floor] = made.surfaces as [string, string, string];
  await maren.call(`POST /homes/${home}/protocols`, {});
  bottle.old = await pourChecked(tobias, bed.stock['S-1'], 0.015);
  bed.pass(25 * 60 * MINUTE);
  bottle.peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
  bottle.weak = await pourChecked(tobias, bed.stock['S-1'], 0.015);
  const pour = async (
    code: keyof Bed['stock'],
    strength: number,
    purpose: string,
  ): Promise<string> =>
    (
      await tobias.call('POST /batches', {
        stockId: bed.stock[code],
        strength,
        purpose,
        volume: litres(0.5),
      })
    ).body.id;
  bottle.unchecked = await pour('S-1', 0.03, 'disinfect');
  bottle.aside = await pour('S-1', 0.03, 'disinfect');
  await tobias.call(`POST /batches/${bottle.aside}/check`, { by: 'strip', step: 0.02 });
  bottle.vinegar = await pour('S-3', 0.05, 'clean');
});
afterAll(() => bed.close());
// What one round leaves wet is wet for every round of that home: each test begins with nothing wet.
afterEach(async () => {
  bed.pass(1000);
  for (const { id, homeId } of (await maren.call('GET /rounds')).body)
    await maren.call('POST /rounds', { id, homeId });
  for (const { roundId, surfaceId } of (await maren.call('GET /wet-now')).body) {
    await maren.did(roundId, {
      id: randomUUID(),
      surfaceId,
      kind: 'found-dry',
      at: bed.context.now(),
      batchId: null,
    });
  }
  for (const { id } of (await maren.call('GET /rounds')).body)
    await maren.call(`POST /rounds/${id}/finish`, {});
});

const start = async () => {
  const id = randomUUID();
  expect((await tobias.call('POST /rounds', { id, homeId: home })).status).toBe(200);
  return id;
};
const did = (
  round: string,
  surfaceId: string,
  kind: string,
  batchId: string | null = null,
  more: object = {},
): Promise<Answered> =>
  tobias.did(round, { id: randomUUID(), surfaceId, kind, at: bed.context.now(), batchId, ...more });
const codes = ({ body }: Answered) => body.reasons.map((reason: { code: string }) => reason.code);
const lastRecord = async () => (await maren.call('GET /records?limit=1')).body.rows[0];

test('a round follows the newest approved version, and starting it twice is one round', async () => {
  const id = randomUUID();
  await tobias.call('POST /rounds', { id, homeId: home });
  const again = await tobias.call('POST /rounds', { id, homeId: home });
  expect(again.body.id).toBe(id);
  const round = (await tobias.call(`GET /rounds/${id}`)).body;
  expect(round.version).toMatchObject({ number: 1, homeId: home });
  expect(
    round.version.protocol.rooms[0].surfaces.map((surface: { name: string }) => surface.name),
  ).toEqual(['Shower screen', 'Basin', 'High chair tray', 'Floor']);
  expect(
    (await tobias.call('GET /rounds')).body.filter((row: { id: string }) => row.id === id),
  ).toHaveLength(1);
});

test('kept wet to its time is met, with required and held on the record', async () => {
  const round = await start();
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  expect((await maren.call('GET /wet-now')).body).toMatchObject([
    { surfaceName: 'Basin', wet: { seconds: 600, wetSince: bed.context.now() }, lying: null },
  ]);
  bed.pass(5 * MINUTE);
  await did(round, basin, 'rewet', bottle.peroxide);
  bed.pass(5 * MINUTE + 2500);
  expect((await did(round, basin, 'wiped')).body.taken).toBe('now');
  expect(await lastRecord()).toMatchObject({
    kind: 'wet-time',
    body: { surfaceName: 'Basin', requiredSeconds: 600, heldSeconds: 602, coats: 2, met: true },
  });
  expect((await maren.call('GET /wet-now')).body).toEqual([]);
});

test('wiped early and found dry are recorded as not met', async () => {
  const round = await start();
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  bed.pass(9 * MINUTE);
  await did(round, basin, 'found-dry');
  expect(await lastRecord()).toMatchObject({
    body: { event: 'found-dry', heldSeconds: 540, met: false },
  });
  await did(round, basin, 'applied', bottle.peroxide);
  bed.pass(9 * MINUTE);
  await did(round, basin, 'wiped');
  expect(await lastRecord()).toMatchObject({
    body: { event: 'wiped', heldSeconds: 540, met: false },
  });
});

test('long enough by the clock, but nobody looked when a coat may have dried: not shown', async () => {
  const round = await start();
  const { holds } = (await tobias.call(`GET /rounds/${round}`)).body;
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  expect((await maren.call('GET /wet-now')).body).toMatchObject([
    { surfaceId: basin, wet: { coatHolds: holds[basin], seen: [] } },
  ]);
  // Left for two hours, by one coat.
  bed.pass(120 * MINUTE);
  await did(round, basin, 'wiped');
  expect(await lastRecord()).toMatchObject({
    kind: 'wet-time',
    body: { outcome: 'not-shown', shownSeconds: holds[basin], heldSeconds: 7200, met: false },
  });
  await did(round, basin, 'applied', bottle.peroxide);
  bed.pass(10 * MINUTE);
  await did(round, basin, 'seen-wet');
  await did(round, basin, 'wiped');
  expect(await lastRecord()).toMatchObject({ body: { outcome: 'met', looks: 1, met: true } });
  expect(codes(await did(round, basin, 'seen-wet'))).toEqual(['not-wet']);
});

test('finishing counts what was not met and what was not shown apart', async () => {
  const round = await start();
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  bed.pass(60 * MINUTE);
  await did(round, basin, 'wiped');
  await tobias.call(`POST /rounds/${round}/finish`, {});
  expect(await lastRecord()).toMatchObject({
    kind: 'round-finished',
    body: { done: 1, open: 3, notMet: 0, notShown: 1 },
  });
});

test('of a round from before nobody knows how long coats hold: it is looked at', async () => {
  const round = await start();
  await bed.context.db.query('UPDATE round SET holds = NULL WHERE id = $1', [round]);
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  bed.pass(10 * MINUTE);
  await did(round, basin, 'wiped');
  expect(await lastRecord()).toMatchObject({ body: { outcome: 'not-shown', shownSeconds: 0 } });
});

test('what must not meet, the wrong bottle and the expired one are refused, and the refusals are on record', async () => {
  const round = await start();
  expect(codes(await did(round, basin, 'applied', bottle.peroxide))).toEqual(['not-cleaned-first']);
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  const meeting = await did(round, basin, 'rewet', bottle.vinegar);
  expect(codes(meeting)[0]).toBe('must-not-meet');
  expect(meeting.body.detail).toContain('peracid');
  expect(await lastRecord()).toMatchObject({
    kind: 'refusal',
    homeName: 'Hedda',
    person: 'tobias',
    body: { what: 'round-event' },
  });

  await did(round, tray, 'washed');
  expect(codes(await did(round, tray, 'applied', bottle.old))).toContain('batch-expired');
  expect(codes(await did(round, tray, 'applied', bottle.peroxide))).toContain(
    'batch-of-other-strength',
  );
  expect(codes(await did(round, tray, 'applied', bottle.unchecked))).toContain(
    'batch-not-verified',
  );
  expect(codes(await did(round, tray, 'applied', bottle.aside))).toContain('batch-set-aside');
  expect(codes(await did(round, floor, 'applied', bottle.weak))).toContain('not-in-the-protocol');
  expect((await did(round, tray, 'applied', bottle.weak)).status).toBe(200);
});

test('what the phone refused is put on record and not counted as done', async () => {
  const round = await start();
  await did(round, basin, 'washed');
  expect(codes(await did(round, basin, 'applied', bottle.peroxide, { turnedBack: true }))).toEqual([
    'refused-on-the-phone',
  ]);
  expect(
    (await tobias.call(`GET /rounds/${round}`)).body.events.map(
      (event: { kind: string }) => event.kind,
    ),
  ).toEqual(['washed']);
});

test('an event sent again is taken once; another under its id is refused', async () => {
  const round = await start();
  const id = randomUUID();
  expect((await did(round, basin, 'washed', null, { id })).body.taken).toBe('now');
  expect((await did(round, basin, 'washed', null, { id })).body.taken).toBe('before');
  expect((await did(round, tray, 'washed', null, { id })).status).toBe(409);
  const refused = randomUUID();
  const first = await did(round, basin, 'applied', bottle.vinegar, { id: refused });
  const again = await did(round, basin, 'applied', bottle.vinegar, { id: refused });
  expect(again.status).toBe(first.status);
  expect(again.body).toEqual({ ...first.body, requestId: again.body.requestId });
  expect(again.body.requestId).not.toBe(first.body.requestId);
  expect((await tobias.call(`GET /rounds/${round}`)).body.events).toHaveLength(1);
});

test('many phones pressing at once take each event once and keep the chain whole', async () => {
  const round = await start();
  const id = randomUUID();
  const answers = await Promise.all(
    Array.from({ length: 12 }, () => did(round, basin, 'washed', null, { id })),
  );
  expect(answers.map(({ body }) => body.taken).sort()).toEqual([
    ...Array(11).fill('before'),
    'now',
  ]);
});

test('vinegar waits while anything in the room is wet with peroxide, and goes on afterwards', async () => {
  const round = await start();
  const screen = (await tobias.call(`GET /rounds/${round}`)).body.version.protocol.rooms[0]
    .surfaces[0].id as string;
  await did(round, basin, 'washed');
  await did(round, screen, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  const refused = await did(round, screen, 'applied', bottle.vinegar);
  expect(codes(refused)).toContain('waits-for');
  expect(refused.body.detail).toContain('Still wet in this room: Basin, with peroxide');
  bed.pass(10 * MINUTE);
  await did(round, basin, 'wiped');
  expect((await did(round, screen, 'applied', bottle.vinegar)).status).toBe(200);
});

test('what is left out has a reason, on record and at the end by name', async () => {
  const round = await start();
  expect(codes(await did(round, basin, 'skipped'))).toEqual(['no-reason-given']);
  await did(round, basin, 'skipped', null, { why: 'in-use' });
  expect(await lastRecord()).toMatchObject({ body: { event: 'skipped', why: 'in-use' } });
  await tobias.call(`POST /rounds/${round}/finish`, {});
  const { body } = await lastRecord();
  expect(body).toMatchObject({ done: 0, open: 4 });
  expect(body.named).toContainEqual({
    roomName: 'Bathroom',
    surfaceName: 'Basin',
    came: 'skipped',
  });
  const csv = (await maren.call('GET /records.csv?kind=round-finished')).body as string;
  expect(csv).toContain('Left out: Bathroom, Basin');
});

describe('the air of a room', () => {
  const roomOf = async (id: string) =>
    (await tobias.call(`GET /rounds/${id}`)).body.version.protocol.rooms[0].id as string;
  const air = (roomId: string, temperature = 26, humidity = 0.3) => ({
    id: randomUUID(),
    roomId,
    temperature,
    humidity,
  });
  const holds = async (id: string) => (await tobias.call(`GET /rounds/${id}`)).body;

  test('measured before the first coat, it is what the wet clock goes by, and on record', async () => {
    const id = await start();
    const roomId = await roomOf(id);
    const before = (await holds(id)).holds[basin];
    const measured = air(roomId);
    expect((await tobias.call(`POST /rounds/${id}/airs`, measured)).status).toBe(200);
    const after = await holds(id);
    expect(after.holds[basin]).toBeLessThan(before);
    expect(after.airs).toEqual([{ roomId, temperature: 26, humidity: 0.3, at: bed.context.now() }]);
    const row = await lastRecord();
    expect(row).toMatchObject({ kind: 'air-measured', body: { temperature: 26, humidity: 0.3 } });
    expect(row.body.holds[basin]).toBe(after.holds[basin]);

    // Told again it is no second row; measured again, the last counts.
    await tobias.call(`POST /rounds/${id}/airs`, measured);
    expect((await lastRecord()).seq).toBe(row.seq);
    await tobias.call(`POST /rounds/${id}/airs`, air(roomId, 17, 0.7));
    expect((await holds(id)).holds[basin]).toBeGreaterThan(before);
    expect((await holds(id)).airs).toHaveLength(1);

    await did(id, basin, 'washed');
    await did(id, basin, 'applied', bottle.peroxide);
    const late = await tobias.call(`POST /rounds/${id}/airs`, air(roomId));
    expect(late).toMatchObject({
      status: 409,
      body: { detail: expect.stringContaining('before the first coat') },
    });
    bed.pass(10 * MINUTE);
    await did(id, basin, 'wiped');
    await tobias.call(`POST /rounds/${id}/finish`, {});
    expect((await tobias.call(`POST /rounds/${id}/airs`, air(roomId))).status).toBe(409);
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('is taken of who works there, of a room of the round, as a room can be', async () => {
    const id = await start();
    const roomId = await roomOf(id);
    expect((await maren.call(`POST /rounds/${id}/airs`, air(roomId))).status).toBe(409);
    expect((await tobias.call(`POST /rounds/${id}/airs`, air(randomUUID()))).status).toBe(404);
    for (const [temperature, humidity] of [
      [60, 0.5],
      [-5, 0.5],
      [20, 0.99],
      [20, 40],
    ] as const)
      expect(
        (await tobias.call(`POST /rounds/${id}/airs`, air(roomId, temperature, humidity))).status,
      ).toBe(400);
    await tobias.call(`POST /rounds/${id}/finish`, {});
  });
});

describe('no event is refused for its time', () => {
  test.each([
    ['in the future: now', 10, 0, -600],
    ['before the round began: its beginning', -60, 0, 3600],
    ['two minutes ago, as things are sent late', -2, -2, undefined],
  ])('%s', async (_, told, held, movedSeconds) => {
    const round = await start();
    const begun = bed.context.now();
    bed.pass(told === -60 ? 0 : 5 * MINUTE);
    const now = bed.context.now();
    const said = now + told * MINUTE;
    expect((await did(round, basin, 'washed', null, { at: said, said })).status).toBe(200);
    const { at, body } = await lastRecord();
    expect(at).toBe(told === -60 ? begun : now + held * MINUTE);
    expect([body.said, body.movedSeconds]).toEqual([said, movedSeconds]);
  });

  test('what arrives later is put where it happened, and judged by what it met there', async () => {
    const round = await start();
    const from = bed.context.now();
    const ago = (minutes: number) => ({ at: from + minutes * MINUTE });
    bed.pass(60 * MINUTE);
    await did(round, basin, 'washed', null, ago(0));
    await did(round, basin, 'applied', bottle.peroxide, ago(10));
    await did(round, basin, 'wiped', null, ago(20));
    // Another phone of the same person had found it dry meanwhile.
    const late = { ...ago(15), clock: { opening: 'other', uncertain: 0 } };
    expect((await did(round, basin, 'found-dry', null, late)).status).toBe(200);
    expect(await lastRecord()).toMatchObject({ body: { heldSeconds: 300, outcome: 'not-met' } });
    await tobias.call(`POST /rounds/${round}/finish`, {});
    expect(await lastRecord()).toMatchObject({ body: { notMet: 1 } });
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('clocks that disagree: the shorter wet time counts, and the record says by how much', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    await did(round, basin, 'applied', bottle.peroxide);
    bed.pass(12 * MINUTE);
    const clock = { opening: 'anew', uncertain: 180 };
    await did(round, basin, 'wiped', null, { clock });
    expect(await lastRecord()).toMatchObject({
      body: { heldSeconds: 540, uncertainSeconds: 180, outcome: 'not-met', clock },
    });
  });
});

test('what was done at a surface that the round does not know is on record, as refused', async () => {
  const round = await start();
  const elsewhere = randomUUID();
  expect(codes(await did(round, elsewhere, 'washed'))).toEqual(['not-in-this-round']);
  expect(await lastRecord()).toMatchObject({
    kind: 'refusal',
    homeName: 'Hedda',
    body: { refused: { is: 'unknown-surface', surfaceId: elsewhere } },
  });
});

test('one round of a home at a time: others join it, and who only looks on does nothing in it', async () => {
  const round = await start();
  const anneke = await bed.as('anneke');
  expect((await anneke.call(`GET /rounds/${round}`)).body).toMatchObject({ joined: false });
  const event = () => ({
    id: randomUUID(),
    surfaceId: basin,
    at: bed.context.now(),
    batchId: null,
  });
  for (const onlooker of [anneke, maren]) {
    expect((await onlooker.call(`POST /rounds/${round}/finish`, {})).status).toBe(409);
    expect(codes(await onlooker.did(round, { ...event(), kind: 'washed' }))).toEqual([
      'not-joined',
    ]);
    expect(await lastRecord()).toMatchObject({
      kind: 'refusal',
      body: { refused: { is: 'event', surfaceName: 'Basin' }, reasons: [{ code: 'not-joined' }] },
    });
  }
  // Whoever starts the same home is in the same round, however often and at once.
  const joined = await Promise.all(
    Array.from({ length: 20 }, () =>
      anneke.call('POST /rounds', { id: randomUUID(), homeId: home }),
    ),
  );
  expect(new Set(joined.map(({ body }) => body.id))).toEqual(new Set([round]));
  expect(await lastRecord()).toMatchObject({ kind: 'round-joined', person: 'anneke' });
  const { rows } = (await maren.call('GET /records?kind=round-joined')).body;
  const joins = rows.filter(({ body }: { body: { roundId: string } }) => body.roundId === round);
  expect(joins).toHaveLength(1);
  expect(joined[0]!.body).toMatchObject({ by: 'tobias, anneke', joined: true });

  await did(round, basin, 'washed');
  await anneke.did(round, { ...event(), kind: 'applied', batchId: bottle.peroxide });
  bed.pass(10 * MINUTE);
  await did(round, basin, 'wiped');
  // Both wiped it: the first counts, the second is told so and is on record.
  expect(codes(await anneke.did(round, { ...event(), kind: 'wiped' }))).toEqual(['not-wet']);
  const { events } = (await tobias.call(`GET /rounds/${round}`)).body;
  expect(events.map(({ kind }: { kind: string }) => kind)).toEqual(['washed', 'applied', 'wiped']);
});

test('a round is not finished while anything is wet, and what comes after is late', async () => {
  const round = await start();
  await did(round, basin, 'washed');
  await did(round, basin, 'applied', bottle.peroxide);
  expect((await tobias.call(`POST /rounds/${round}/finish`, {})).body.detail).toContain(
    'Still wet: Basin',
  );
  await did(round, basin, 'wiped');
  expect((await tobias.call(`POST /rounds/${round}/finish`, {})).status).toBe(200);
  expect(await lastRecord()).toMatchObject({
    kind: 'round-finished',
    body: { done: 1, open: 3, notMet: 1 },
  });
  const before = (await maren.call(`GET /rounds/${round}`)).body.events.length;
  const late = await did(round, tray, 'washed');
  expect(late.body.taken).toBe('late');
  const [{ body: told }] = (await maren.call('GET /records?kind=late-event')).body.rows;
  expect(told).toMatchObject({ roundId: round, event: 'washed' });
  expect((await maren.call(`GET /rounds/${round}`)).body.events.length).toBe(before);
});

test('without an approved protocol there is no round', async () => {
  const other = await addHome(maren, [{}]);
  const answer = await tobias.call('POST /rounds', { id: randomUUID(), homeId: other.home });
  expect([answer.status, answer.body.type]).toEqual([409, '/problems/conflict']);
});

describe('what was not so is taken back', () => {
  const eventAt = (round: string, surface: string) =>
    maren.call(`GET /rounds/${round}`).then(({ body }) => {
      const told = body.events.filter(
        ({ surfaceId, takesBack }: { surfaceId: string; takesBack?: string }) =>
          surfaceId === surface && !takesBack,
      );
      return told.at(-1) as { id: string; kind: string };
    });
  const back = async (round: string, of: { id: string; kind: string }, more: object = {}) =>
    tobias.did(round, {
      id: randomUUID(),
      surfaceId: basin,
      kind: of.kind,
      at: bed.context.now(),
      batchId: null,
      takesBack: of.id,
      ...more,
    });

  test('the wipe that was no wipe: the time goes on as if it had never been', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    await did(round, basin, 'applied', bottle.peroxide);
    bed.pass(3 * MINUTE);
    await did(round, basin, 'wiped');
    const wiped = await eventAt(round, basin);
    bed.pass(5000);
    expect((await back(round, wiped)).body.taken).toBe('now');
    expect(await lastRecord()).toMatchObject({
      kind: 'correction',
      person: 'tobias',
      body: { of: wiped.id, event: 'wiped', surfaceName: 'Basin' },
    });
    bed.pass(7 * MINUTE);
    await did(round, basin, 'wiped');
    expect(await lastRecord()).toMatchObject({
      kind: 'wet-time',
      body: { heldSeconds: 605, coats: 1 },
    });
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('only the last thing done there, once, and the same however often it is sent', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    const washed = await eventAt(round, basin);
    await did(round, basin, 'applied', bottle.peroxide);
    expect(codes(await back(round, washed))).toEqual(['not-the-last']);
    const applied = await eventAt(round, basin);
    const id = randomUUID();
    expect((await back(round, applied, { id })).body.taken).toBe('now');
    expect((await back(round, applied, { id })).body.taken).toBe('before');
    expect(codes(await back(round, applied))).toEqual(['not-the-last']);
    expect((await maren.call('GET /wet-now')).body).toEqual([]);
  });

  test('later only with a reason', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    const washed = await eventAt(round, basin);
    bed.pass(13_000);
    expect(codes(await back(round, washed))).toEqual(['say-why-not-so']);
    const because = 'It was the tray.';
    expect((await back(round, washed, { because })).body.taken).toBe('now');
  });

  test('only what was told there, in that round', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    const washed = await eventAt(round, basin);
    await did(round, tray, 'washed');
    const other = await eventAt(round, tray);
    for (const wrong of [
      { ...washed, id: randomUUID() },
      { ...washed, kind: 'rinsed' },
      { ...other, kind: 'washed' },
    ])
      expect(codes(await back(round, wrong))).toEqual(['nothing-to-take-back']);
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('after the round a supervisor corrects with a reason; what the round came to stays', async () => {
    const round = await start();
    await did(round, basin, 'washed');
    const washed = await eventAt(round, basin);
    await tobias.call(`POST /rounds/${round}/finish`, {});
    const because = 'It was the basin of the other home.';
    // Whoever worked in it does not make a finished round look better.
    expect(codes(await back(round, washed))).toEqual(['corrected-by-supervisors']);
    expect(codes(await back(round, washed, { because }))).toEqual(['corrected-by-supervisors']);
    const correct = (more: object) =>
      maren.did(round, {
        id: randomUUID(),
        surfaceId: basin,
        kind: 'washed',
        at: bed.context.now(),
        batchId: null,
        takesBack: washed.id,
        ...more,
      });
    expect(codes(await correct({}))).toEqual(['say-why-not-so']);
    expect(codes(await correct({ because, takesBack: randomUUID() }))).toEqual([
      'nothing-to-take-back',
    ]);
    expect((await correct({ because })).body.taken).toBe('late');
    expect(await lastRecord()).toMatchObject({
      kind: 'correction',
      person: 'maren',
      body: { because },
    });
    expect(await breaksIn(bed.context)).toEqual([]);
  });
});

describe('a round begun and finished without signal', () => {
  test('is by the version that the phone had, from when it was begun to when it was finished', async () => {
    const { body: ahead } = await tobias.call(`GET /round-homes/${home}`);
    expect(ahead).toMatchObject({ homeId: home, homeName: 'Hedda', version: { number: 1 } });
    const begunAt = bed.context.now();
    bed.pass(60 * MINUTE);
    const begun = { versionId: ahead.version.id, at: begunAt };
    const { body } = await tobias.call('POST /rounds', { id: randomUUID(), homeId: home, begun });
    expect(body.startedAt).toBe(begunAt);
    await tobias.did(body.id, {
      id: randomUUID(),
      surfaceId: floor,
      kind: 'washed',
      at: begunAt + 10 * MINUTE,
      batchId: null,
    });
    const at = begunAt + 20 * MINUTE;
    await tobias.call(`POST /rounds/${body.id}/finish`, { at });
    const { body: round } = await tobias.call(`GET /rounds/${body.id}`);
    expect(round).toMatchObject({ finishedAt: at, holds: ahead.holds });
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('is not held to have begun before the last one was over, or to have ended before its last step', async () => {
    const first = await start();
    const { body: ahead } = await tobias.call(`GET /round-homes/${home}`);
    bed.pass(10 * MINUTE);
    await tobias.call(`POST /rounds/${first}/finish`, {});
    const over = bed.context.now();
    bed.pass(10 * MINUTE);
    const begun = { versionId: ahead.version.id, at: over - 5 * MINUTE };
    const { body } = await tobias.call('POST /rounds', { id: randomUUID(), homeId: home, begun });
    expect(body.startedAt).toBe(over);
    await did(body.id, floor, 'washed');
    await tobias.call(`POST /rounds/${body.id}/finish`, { at: over });
    const { body: round } = await tobias.call(`GET /rounds/${body.id}`);
    expect(round.finishedAt).toBe(round.events[0].at);
  });

  test('a version of another home is none of it', async () => {
    const other = await addHome(maren, [{}]);
    const { body: ahead } = await tobias.call(`GET /round-homes/${home}`);
    const begun = { versionId: ahead.version.id, at: bed.context.now() };
    const answer = await tobias.call('POST /rounds', {
      id: randomUUID(),
      homeId: other.home,
      begun,
    });
    expect(answer.status).toBe(404);
    expect((await tobias.call(`GET /round-homes/${other.home}`)).status).toBe(409);
  });
});

describe('the board', () => {
  const board = async (from: number) => (await maren.call(`GET /board?from=${from}`)).body;
  const mine = (found: { rounds: { id: string }[] }, round: string) =>
    found.rounds.find(({ id }) => id === round);

  test('shows how each surface of each round stands, and what was held up, newest first', async () => {
    const from = bed.context.now();
    const round = await start();
    await did(round, basin, 'washed');
    await did(round, basin, 'applied', bottle.peroxide);
    await did(round, floor, 'washed');
    await did(round, tray, 'washed');
    await did(round, basin, 'applied', bottle.vinegar);
    const before = await board(from);
    // High to low: shower screen, basin, tray, floor.
    expect(mine(before, round)).toMatchObject({
      homeName: 'Hedda',
      by: 'tobias',
      finishedAt: null,
      rooms: [{ stops: ['todo', 'wet', 'begun', 'done'] }],
      heard: [{ name: 'tobias', at: expect.any(Number) }],
    });
    expect(before.heldUp[0]).toMatchObject({ kind: 'refusal', homeName: 'Hedda' });
    bed.pass(2 * MINUTE);
    await did(round, basin, 'wiped');
    await tobias.call(`POST /rounds/${round}/finish`, {});
    const after = await board(from);
    expect(mine(after, round)).toMatchObject({
      finishedAt: expect.any(Number),
      rooms: [{ stops: ['todo', 'not-met', 'todo', 'done'] }],
    });
    expect(after.heldUp[0]).toMatchObject({ kind: 'wet-time', body: { outcome: 'not-met' } });
    // What was before, and what was finished before, is none of it.
    bed.pass(MINUTE);
    const later = await board(bed.context.now());
    expect(mine(later, round)).toBeUndefined();
    expect(later.heldUp).toEqual([]);
  });

  test('knows the usual length of a round once there have been some', async () => {
    for (let i = 0; i < 3; i++) {
      const round = await start();
      bed.pass(30 * MINUTE);
      await tobias.call(`POST /rounds/${round}/finish`, {});
    }
    const round = await start();
    const found = mine(await board(bed.context.now()), round) as unknown as {
      usualSeconds: number;
    };
    expect(found.usualSeconds).toBeGreaterThan(0);
    expect(found.usualSeconds).toBeLessThanOrEqual(30 * 60);
  });

  test('is for supervisors', async () => {
    expect((await tobias.call('GET /board?from=0')).status).toBe(403);
    expect((await maren.call('GET /board')).status).toBe(400);
  });
});

test('wet times are found by what came of them', async () => {
  for (const outcome of ['met', 'not-met', 'not-shown']) {
    const { rows } = (await maren.call(`GET /records?outcome=${outcome}&limit=500`)).body;
    expect(rows.length).toBeGreaterThan(0);
    for (const { kind, body } of rows) {
      expect(kind).toBe('wet-time');
      expect(body.outcome).toBe(outcome);
    }
  }
});
