import fc from 'fast-check';
import {
  costOfCoat,
  costOfMinutes,
  costPerLitre,
  firstOut,
  litres,
  mostOnWeekday,
  needOf,
  usePerDay,
} from '../src/index.ts';

const DAY = 86_400_000;
const now = Date.UTC(2026, 10, 27);
const inDays = (days: number): number => now + days * DAY;
const daysTo = (at: number | null): number => Math.round((at! - now) / DAY);

/** Containers that hold whole days of use, and expire after whole days. */
interface Small {
  units: number;
  days: number;
}
const shelves = fc.array(
  fc.record({ units: fc.integer({ min: 1, max: 4 }), days: fc.integer({ min: 0, max: 8 }) }),
  { maxLength: 4 },
);
const asShelf = (all: readonly Small[]) =>
  all.map(({ units, days }, i) => ({
    id: String(i),
    left: units * litres(1),
    usableUntil: inDays(days),
  }));

/** The most days that any order of using them serves, one unit a day, tried out. */
const mostDays = (all: readonly Small[], day = 0): number =>
  Math.max(
    day,
    ...all.flatMap(({ units, days }, i) =>
      units > 0 && days > day
        ? [
            mostDays(
              all.map((one, j) => (j === i ? { ...one, units: units - 1 } : one)),
              day + 1,
            ),
          ]
        : [],
    ),
  );

describe('first expired, first out', () => {
  test('by hand: 3 l, a litre a day, one of two litres out of date tomorrow', () => {
    const shelf = asShelf([
      { units: 1, days: 30 },
      { units: 2, days: 1 },
    ]);
    const { emptyAt, unused } = firstOut(shelf, litres(1), now);
    expect(daysTo(emptyAt)).toBe(2);
    expect(unused).toEqual([{ id: '1', volume: expect.closeTo(litres(1), 9) }]);
  });

  test('property: no other order serves longer or wastes less', () => {
    fc.assert(
      fc.property(shelves, (all) => {
        const { emptyAt, unused } = firstOut(asShelf(all), litres(1), now);
        const served = mostDays(all);
        expect(daysTo(emptyAt)).toBe(served);
        const wasted = unused.reduce((sum, { volume }) => sum + volume, 0);
        const units = all.reduce((sum, one) => sum + one.units, 0);
        expect(wasted).toBeCloseTo(litres(units - served), 9);
      }),
      { numRuns: 300 },
    );
  });

  test('where nothing is used nothing runs out', () => {
    expect(firstOut(asShelf([{ units: 1, days: 3 }]), 0, now).emptyAt).toBeNull();
  });
});

describe('what to buy', () => {
  const buying = { pack: litres(1), leadDays: 3, coverDays: 5 };

  /** Whether every day from the delivery on is served, packs and all, tried out day by day. */
  const served = (all: readonly Small[], packs: number, unitsOfPack: number): boolean => {
    const there = [...all.map((one) => ({ ...one })), { units: 0, days: 99 }];
    const last = there.at(-1)!;
    for (let day = 0; day < buying.leadDays + buying.coverDays; day += 1) {
      if (day === buying.leadDays) last.units = packs * unitsOfPack;
      const next = there
        .filter(({ units, days }) => units > 0 && days > day)
        .sort((a, b) => a.days - b.days)[0];
      if (next) next.units -= 1;
      else if (day >= buying.leadDays) return false;
    }
    return true;
  };

  test('property: as many packs as it takes and not one more, against trying out', () => {
    fc.assert(
      fc.property(shelves, fc.integer({ min: 1, max: 3 }), (all, unitsOfPack) => {
        const pack = litres(unitsOfPack);
        const { packs } = needOf(asShelf(all), litres(1), { ...buying, pack }, now);
        const enough = Array.from({ length: 10 }, (_, n) => n).find((n) =>
          served(all, n, unitsOfPack),
        );
        expect(packs).toBe(enough);
      }),
      { numRuns: 300 },
    );
  });

  test('it is ordered so that it comes as the shelf runs out', () => {
    const shelf = asShelf([{ units: 4, days: 30 }]);
    const { emptyAt, orderBy } = needOf(shelf, litres(0.5), buying, now);
    expect([daysTo(emptyAt), daysTo(orderBy)]).toEqual([8, 5]);
  });

  test('a heavy week counts, a quiet one does not make anybody run dry', () => {
    const poured = [
      { at: inDays(-2), volume: litres(1) },
      { at: inDays(-9), volume: litres(7) },
      { at: inDays(-40), volume: litres(99) },
    ];
    expect(usePerDay(poured, now)).toBeCloseTo(litres(1), 9);
    expect(usePerDay([], now)).toBe(0);
  });

  test('a morning gets the most that such a weekday took', () => {
    const weekdayOf = (at: number) => new Date(at).getUTCDay();
    const dayOf = (at: number) => new Date(at).toISOString().slice(0, 10);
    const poured = [
      { at: inDays(-7), volume: litres(0.5) },
      { at: inDays(-7) + 3_600_000, volume: litres(0.25) },
      { at: inDays(-14), volume: litres(0.6) },
      { at: inDays(-1), volume: litres(9) },
    ];
    const asked = { weekdayOf, dayOf, now };
    expect(mostOnWeekday(poured, weekdayOf(now), asked)).toBeCloseTo(litres(0.75), 9);
    expect(mostOnWeekday(poured, (weekdayOf(now) + 3) % 7, asked)).toBe(0);
  });
});

describe('what it costs', () => {
  test('by hand: 250 ml of stock at 2.40 a litre in half a litre, on 2 m² by spray', () => {
    const perLitre = costPerLitre(2.4, { stockVolume: litres(0.25), volume: litres(0.5) });
    expect(perLitre).toBeCloseTo(1.2, 9);
    // 50 ml/m² by spray (common practice, no source): 100 ml on two square metres.
    expect(costOfCoat(perLitre, { area: 2, application: 'spray' })).toBeCloseTo(0.12, 9);
  });
  test('ten minutes at 18 an hour cost three', () => {
    expect(costOfMinutes(10, 18)).toBeCloseTo(3, 9);
  });
});
