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
  did: 'opened' | 'counted' | 'emptied';
  volume: number;
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
    if (kind < 0.8) return tell(id, 'counted', litres(chance() * 0.5), by);
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
      return body.stockId === id ? [{ did: body.did, at, volume: body.volume }] : [];
    });
    expect(changes.length).toBeGreaterThan(5);
    const { left, gone, openedAt, goneAt } = changes.reduce(stockAfter, receivedState(litres(0.5)));
    expect(kept).toMatchObject({ gone, openedAt, goneAt });
    expect(kept.left).toBeCloseTo(left, 12);
  }
});
