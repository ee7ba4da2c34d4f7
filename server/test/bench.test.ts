import { inMillilitres, litres } from '@zymostat/core';
import { testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  tobias = await bed.as('tobias');
});
afterAll(() => bed.close());

const DAY = 86_400_000;
const pour = (code: keyof Bed['stock'], strength: number, purpose: string, volume = litres(1)) =>
  tobias.call('POST /batches', { stockId: bed.stock[code], strength, purpose, volume });

test('99 % 2-propanol to 70 %: the amounts of the density table, on the record with who and until when', async () => {
  const { status, body } = await pour('S-2', 0.7, 'disinfect');
  expect(status).toBe(200);
  expect(inMillilitres(body.stockVolume)).toBeCloseTo(707.1, 1);
  expect(Math.round(inMillilitres(body.waterVolume))).toBe(318);
  expect(body).toMatchObject({
    code: 'B-0001',
    stockCode: 'S-2',
    madeBy: 'tobias',
    madeAt: bed.context.now(),
  });
  expect((await tobias.call('GET /batches')).body[0]).toEqual(body);
});

test('diluted peroxide is to be discarded the same day; no bottle outlives its stock', async () => {
  expect((await pour('S-1', 0.015, 'disinfect')).body.discardAfter).toBe(bed.context.now() + DAY);
  const stockExpires = bed.context.now() + 100 * DAY;
  expect((await pour('S-4', 0.7, 'disinfect')).body.discardAfter).toBe(stockExpires);
});

test.each<[keyof Bed['stock'], number, string]>([
  ['S-2', 0.5, 'below-floor'],
  ['S-1', 0.005, 'below-floor'],
  ['S-3', 0.05, 'not-a-disinfectant'],
  ['S-4', 0.8, 'stronger-than-stock'],
])('%s at %d to disinfect is refused: %s', async (code, strength, reason) => {
  const before = (await tobias.call('GET /batches')).body.length;
  const { status, body } = await pour(code, strength, 'disinfect');
  expect(status).toBe(409);
  expect(body.reasons.map((one: { code: string }) => one.code)).toContain(reason);
  expect((await tobias.call('GET /batches')).body).toHaveLength(before);
});

test('the same strength may be poured to clean with', async () => {
  expect((await pour('S-2', 0.5, 'clean')).status).toBe(200);
});

test.each([
  [{ strength: 1.2 }],
  [{ strength: 0 }],
  [{ volume: -1 }],
  [{ volume: 5 }],
  [{ purpose: 'polish' }],
])('%j is a bad request', async (wrong) => {
  const body = {
    stockId: bed.stock['S-1'],
    strength: 0.03,
    purpose: 'clean',
    volume: litres(1),
    ...wrong,
  };
  expect((await tobias.call('POST /batches', body)).status).toBe(400);
});

test('a stock past its date is refused', async () => {
  bed.pass(101 * DAY);
  const again = await bed.as('tobias');
  const { body } = await again.call('POST /batches', {
    stockId: bed.stock['S-1'],
    strength: 0.03,
    purpose: 'clean',
    volume: litres(1),
  });
  expect(body.reasons[0].code).toBe('stock-expired');
});
