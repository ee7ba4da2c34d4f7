import { litres, receivedState, seeded, stockAfter, type StockChange } from '@zymostat/core';
import { breaksIn, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
});
afterAll(() => bed.close());

const DAY = 86_400_000;
const bottle = (more: object = {}) => ({
  name: 'Peroxide 3 %',
  active: 'hydrogen peroxide',
  strength: 0.03,
  volume: litres(0.5),
  count: 1,
  expiresAt: bed.context.now() + 300 * DAY,
  pricePerLitre: 3,
  lot: null,
  supplier: null,
  ...more,
});
const receive = async (more: object = {}) =>
  (await maren.call('POST /stock', bottle(more))).body as { id: string; code: string }[];
const tell = (id: string, did: string, volume: number | null = null, by = tobias) =>
  by.call(`POST /stock/${id}/told`, { did, volume, why: null });
const pour = (id: string, volume: number, by = tobias) =>
  by.call('POST /batches', { stockId: id, strength: 0.03, purpose: 'clean', volume });
interface FactBody {
  stockId: string;
  stockCode: string;
  stockVolume: number;
  did: 'opened' | 'counted' | 'topped' | 'emptied';
  volume: number;
  from: { stockId: string } | null;
}
const stock = async (id: string) =>
  (
    (await tobias.call('GET /stock')).body as { id: string; left: number; gone: string | null }[]
  ).find((one) => one.id === id)!;

test('three containers come in at once, each under a code of its own, on record', async () => {
  const made = await receive({ count: 3, lot: 'L 77', supplier: 'Corner chemist' });
  expect(made.map(({ code }) => code)).toEqual(['S-0005', 'S-0006', 'S-0007']);
  expect(await stock(made[2]!.id)).toMatchObject({
    left: litres(0.5),
    openedAt: null,
    gone: null,
    lot: 'L 77',
    supplier: 'Corner chemist',
  });
  const { rows } = (await maren.call('GET /records?kind=stock-received')).body;
  expect(rows).toHaveLength(3);
  expect((await tobias.call('POST /stock', bottle())).status).toBe(403);
  for (const more of [
    { count: 0 },
    { count: 51 },
    { strength: 0 },
    { active: 'registered product' },
  ])
    expect((await maren.call('POST /stock', bottle(more))).status).toBe(400);
});

test('a batch draws it down, a count stands, and what is gone is not poured from', async () => {
  const id = (await receive())[0]!.id;
  await pour(id, litres(0.2));
  expect((await stock(id)).left).toBeCloseTo(litres(0.3), 9);
  expect((await tell(id, 'counted')).status).toBe(400);
  await tell(id, 'counted', litres(0.25));
  expect((await stock(id)).left).toBe(litres(0.25));
  const [row] = (await maren.call('GET /records?kind=stock-told')).body.rows;
  expect(row.body).toMatchObject({ did: 'counted', volume: litres(0.25) });
  expect(row.body.before).toBeCloseTo(litres(0.3), 9);
  await tell(id, 'discarded');
  expect(await stock(id)).toMatchObject({ left: 0, gone: 'discarded' });
  expect((await pour(id, litres(0.1))).status).toBe(409);
  expect((await tell(id, 'counted', litres(0.1))).status).toBe(409);
  expect(await breaksIn(bed.context)).toEqual([]);
});

const told = (id: string, more: object) =>
  tobias.call(`POST /stock/${id}/told`, { volume: null, why: null, ...more });

test('one is topped up from another of the same, and is then as old as the older', async () => {
  const [into, source] = (await receive({ count: 2 })).map(({ id }) => ({ id }));
  if (!into || !source) throw new Error('two were received');
  const [other] = await receive({ strength: 0.06 });
  await tell(into.id, 'counted', litres(0.1));
  const topped = (from: string, volume: number) =>
    told(into.id, { did: 'topped', volume, from }).then(({ status }) => status);
  expect(await topped(other!.id, litres(0.1))).toBe(409);
  expect(await topped(source.id, litres(0.6))).toBe(409);
  expect(await topped(into.id, litres(0.1))).toBe(400);
  expect(await topped(source.id, litres(0.3))).toBe(200);
  expect((await stock(into.id)).left).toBeCloseTo(litres(0.4), 9);
  expect((await stock(source.id)).left).toBeCloseTo(litres(0.2), 9);
  const [row] = (await maren.call('GET /records?kind=stock-told')).body.rows;
  expect(row.body).toMatchObject({ did: 'topped', from: { stockId: source.id } });
  const [old] = await receive({ expiresAt: bed.context.now() + DAY });
  await tell(into.id, 'counted', litres(0.1));
  expect(await topped(old!.id, litres(0.1))).toBe(200);
  expect(await stock(into.id)).toMatchObject({ expiresAt: bed.context.now() + DAY });
});

test('how it is kept is counted as kept badly until somebody says, and worse counts for good', async () => {
  const { id } = (await receive())[0]!;
  const loses = async (): Promise<number> => {
    const { course } = (await tobias.call(`GET /stock/${id}/strength`)).body;
    return course[0].middle - course.at(-1).middle;
  };
  const unknown = await loses();
  await told(id, { did: 'moved', storage: [], why: 'Shelf B, dark' });
  const dark = await loses();
  expect(dark).toBeLessThan(unknown / 3);
  await told(id, { did: 'moved', storage: ['warm'] });
  const warm = await loses();
  expect(warm).toBeGreaterThan(dark);
  await told(id, { did: 'moved', storage: [] });
  expect(await loses()).toBe(warm);
});

test('what the last weeks took: batches, visits, and until when each may be poured from', async () => {
  const { id } = (await receive())[0]!;
  await pour(id, litres(0.2));
  const { status, body } = await maren.call('GET /stock/use');
  expect(status).toBe(200);
  const ours = body.poured.filter((one: { stockId: string }) => one.stockId === id);
  expect(ours).toMatchObject([{ strength: 0.03, volume: litres(0.2) }]);
  const until = body.shelf.find((one: { stockId: string }) => one.stockId === id).usableUntil;
  expect(until).toBeGreaterThan(bed.context.now());
  expect(until).toBeLessThanOrEqual(bed.context.now() + 300 * DAY);
  expect((await tobias.call('GET /stock/use')).status).toBe(403);
});

test('what is read of a container is on record, and moves what it probably is by now', async () => {
  const id = (await receive())[0]!.id;
  const byNow = async () => (await tobias.call(`GET /stock/${id}/strength`)).body;
  const before = await byNow();
  expect(before).toMatchObject({ readings: 0, doubtful: [] });
  expect(before.floor).toBeCloseTo(0.025, 9);
  bed.pass(90 * DAY);
  // Nobody is signed in for so long.
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  await tobias.call(`POST /stock/${id}/read`, { by: 'strip', step: 0.02 });
  const after = await byNow();
  expect(after.readings).toBe(1);
  expect(after.middle).toBeLessThan(before.middle);
  expect(after.crosses.likely).toBeLessThan(before.crosses.likely);
  const [row] = (await maren.call('GET /records?kind=stock-read')).body.rows;
  expect(row.body).toMatchObject({ by: 'strip', low: 0.02, high: 0.03 });
  const density = { by: 'density', density: 880, temperature: 20 };
  expect((await tobias.call(`POST /stock/${id}/read`, density)).status).toBe(409);
});

test('what is on the shelf is the fold of its facts, after random acts by two at once', async () => {
  const ids = (await receive({ count: 4 })).map(({ id }) => id);
  const chance = seeded(31);
  const act = (by: Caller) => {
    const id = ids[Math.floor(chance() * ids.length)]!;
    const kind = chance();
    if (kind < 0.6) return pour(id, litres(0.01 + chance() * 0.1), by);
    if (kind < 0.7) return tell(id, 'counted', litres(chance() * 0.5), by);
    const from = ids[Math.floor(chance() * ids.length)]!;
    if (kind < 0.8) return told(id, { did: 'topped', volume: litres(0.02), from });
    return tell(id, kind < 0.98 ? 'opened' : 'emptied', null, by);
  };
  for (let i = 0; i < 60; i += 1) await Promise.all([act(tobias), act(maren)]);
  const facts = (
    (await bed.context.db.query(
      `SELECT kind, at, body FROM ledger WHERE kind IN ('batch', 'stock-told') ORDER BY seq`,
    )) as { kind: string; at: Date; body: string | Record<string, unknown> }[]
  ).map(({ kind, at, body }) => ({
    kind,
    at: at.getTime(),
    body: (typeof body === 'string' ? JSON.parse(body) : body) as FactBody,
  }));
  for (const id of ids) {
    const { code, ...kept } = (await stock(id)) as unknown as { code: string; left: number };
    const changes = facts.flatMap(({ kind, at, body }): StockChange[] => {
      if (kind === 'batch')
        return body.stockCode === code ? [{ did: 'poured', at, volume: body.stockVolume }] : [];
      if (body.from?.stockId === id) return [{ did: 'poured', at, volume: body.volume }];
      return body.stockId === id ? [{ did: body.did, at, volume: body.volume }] : [];
    });
    expect(changes.length).toBeGreaterThan(5);
    const { left, gone, openedAt, goneAt } = changes.reduce(stockAfter, receivedState(litres(0.5)));
    expect(kept).toMatchObject({ gone, openedAt, goneAt });
    expect(kept.left).toBeCloseTo(left, 12);
  }
});
