import type { BatchRow, BottleRow, PlaceRow, StockRow, StockUse } from '@zymostat/contract';
import { litres } from '@zymostat/core';
import { byStanding } from '../src/features/batches/standing.ts';
import { missingIn } from '../src/features/places/missing.ts';
import { linesOf, priceOf } from '../src/features/shelf/buyLines.ts';
import { kindsOf, solutionsOf } from '../src/features/shelf/kinds.ts';

const DAY = 86_400_000;
const now = Date.UTC(2026, 10, 27);
const stock = (id: string, more: Partial<StockRow> = {}): StockRow =>
  ({
    id,
    code: `S-${id}`,
    name: 'Peroxide 3 %',
    active: 'hydrogen peroxide',
    strength: 0.03,
    volume: litres(1),
    left: litres(1),
    expiresAt: now + 300 * DAY,
    pricePerLitre: 4,
    label: null,
    gone: null,
    ...more,
  }) as StockRow;
const poured = (stockId: string, days: number, more: object = {}) => ({
  at: now - days * DAY,
  stockId,
  active: 'hydrogen peroxide' as const,
  strength: 0.03,
  volume: litres(0.7),
  stockVolume: litres(0.7),
  ...more,
});
const use = (
  all: StockUse['poured'],
  shelf: StockUse['shelf'] = [],
  planned: StockUse['planned'] = [],
): StockUse => ({
  since: now - 28 * DAY,
  now,
  poured: all,
  shelf,
  planned,
  visits: { count: 0, minutes: 0, surfaces: 0 },
});
const days = { leadDays: 2, coverDays: 28 };

describe('kinds', () => {
  test('containers of the same are one kind, bought as the newest is; what is used most is first', () => {
    const vinegar = { active: 'acetic acid', strength: 0.05, name: 'Vinegar' } as const;
    const stocks = [
      stock('1'),
      stock('2', { volume: litres(5), pricePerLitre: 3 }),
      stock('3', vinegar),
    ];
    const kinds = kindsOf(stocks, use([poured('3', 1), poured('3', 2), poured('1', 1)]));
    expect(kinds.map(({ name, stocks: own, pack }) => [name, own.length, pack])).toEqual([
      ['Vinegar', 1, litres(1)],
      ['Peroxide 3 %', 2, litres(5)],
    ]);
    expect(kinds[1]!.pricePerLitre).toBe(3);
  });

  test('what has left the shelf and is not used is no kind; what is used still is', () => {
    const stocks = [stock('1', { gone: 'emptied' })];
    expect(kindsOf(stocks, use([]))).toEqual([]);
    expect(kindsOf(stocks, use([poured('1', 3)]))[0]!.stocks).toEqual([]);
  });

  test('a solution is told from another by what is in it and how strong, not by a rounding', () => {
    const all = [
      poured('1', 1),
      poured('1', 2, { strength: 0.03 + 1e-9 }),
      poured('1', 3, { strength: 0.015 }),
    ];
    expect(solutionsOf(use(all)).map((of) => of.poured.length)).toEqual([2, 1]);
  });
});

describe('what to buy', () => {
  test('by hand: 0.1 l a day, 1 l left, here in two days: order in eight, two packs', () => {
    const [line] = linesOf([stock('1')], use([poured('1', 3)]), days);
    expect(line!.need.perDay).toBeCloseTo(litres(0.1), 12);
    expect((line!.need.orderBy! - now) / DAY).toBeCloseTo(8, 6);
    expect(line!.need.packs).toBe(2);
    expect(priceOf(line!)).toBeCloseTo(8, 9);
  });

  test('what may be too weak before its date lasts no longer than it is strong', () => {
    const shelf = [{ stockId: '1', usableUntil: now + 4 * DAY }];
    const [line] = linesOf([stock('1')], use([poured('1', 3)], shelf), days);
    expect((line!.need.emptyAt! - now) / DAY).toBeCloseTo(4, 6);
    expect(line!.need.unused[0]!.volume).toBeCloseTo(litres(0.6), 9);
  });

  test('the visits of the coming week count where they need more, of the week after they do not', () => {
    const visit = (day: string, litresOf: number) => ({
      day,
      stockId: '1',
      active: 'hydrogen peroxide' as const,
      strength: 0.03,
      volume: litres(litresOf),
      stockVolume: litres(litresOf),
    });
    const perDay = (planned: StockUse['planned']) =>
      linesOf([stock('1')], use([poured('1', 3)], [], planned), days)[0]!.need.perDay;
    expect(perDay([visit('2026-11-28', 1.4)])).toBeCloseTo(litres(0.2), 12);
    expect(perDay([visit('2026-11-28', 0.35)])).toBeCloseTo(litres(0.1), 12);
    expect(perDay([visit('2026-12-05', 9)])).toBeCloseTo(litres(0.1), 12);
    expect(perDay([visit('2026-11-26', 9)])).toBeCloseTo(litres(0.1), 12);
  });

  test('nothing is bought of what is not used, and no price is made up', () => {
    const [idle] = linesOf([stock('1', { pricePerLitre: null })], use([]), days);
    expect([idle!.need.packs, idle!.need.orderBy, priceOf(idle!)]).toEqual([0, null, null]);
  });
});

const batch = (id: string, made: number, more: object = {}): BatchRow =>
  ({
    id,
    code: `B-${id}`,
    madeAt: now - made * DAY,
    discardAfter: now + 30 * DAY,
    status: 'verified',
    ...more,
  }) as BatchRow;
const bottle = (id: string, batchId: string | null, strength = 0.03): BottleRow =>
  ({
    id,
    code: `F-${id}`,
    heldSinceWash: batchId && { batchId, active: 'hydrogen peroxide', strength, groups: [] },
  }) as unknown as BottleRow;

test('batches stand by where they are: in use, to be poured away, or gone by themselves', () => {
  const batches = [
    batch('held', 9),
    batch('new', 0.1),
    batch('aside', 0.2, { status: 'set-aside' }),
    batch('past', 9, { discardAfter: now - 1 }),
    batch('old', 9),
  ];
  const standing = byStanding(batches, [bottle('1', 'held'), bottle('2', 'past')], now);
  const ids = (all: BatchRow[]) => all.map(({ id }) => id);
  expect(ids(standing.inUse)).toEqual(['held', 'new']);
  expect(ids(standing.pourAway)).toEqual(['aside', 'past']);
  expect(ids(standing.earlier)).toEqual(['old']);
});

test('a caddy lacks what belongs in it and is not there; only bottles that stand nowhere are free', () => {
  const place = (id: string, items: string[], belongs: PlaceRow['belongs'] = []): PlaceRow =>
    ({ id, items: items.map((of) => ({ of })), belongs }) as unknown as PlaceRow;
  const caddy = place('1', ['a'], [{ active: 'hydrogen peroxide', strength: 0.03, count: 3 }]);
  const places = [caddy, place('2', ['b'])];
  const bottles = [
    bottle('a', 'x'),
    bottle('b', 'x'),
    bottle('c', 'x'),
    bottle('weak', 'x', 0.015),
    bottle('empty', null),
  ];
  const [missing] = missingIn(caddy, places, bottles);
  expect(missing).toMatchObject({ count: 2, free: [{ id: 'c' }] });
  expect(
    missingIn({ ...caddy, belongs: [{ ...caddy.belongs[0]!, count: 1 }] }, places, bottles),
  ).toEqual([]);
});
