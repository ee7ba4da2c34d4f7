import {
  caddiesOf,
  cautiousRules,
  toPour,
  visitLoad,
  type LaidDay,
  type VisitLoad,
  type WeekVisit,
} from '../../src/index.ts';
import { room, surface } from '../visit/treated.ts';

const ml = (volume: number): number => Math.round(volume * 1e8) / 100;
const load = (rooms: ReturnType<typeof room>, holds = {}): VisitLoad =>
  visitLoad(rooms, holds, cautiousRules);

describe('what a visit takes along', () => {
  // A spray leaves 50 ml a m²: common practice, no source. Half a m² is 25 ml a coat.
  const cases: [string, Record<string, number>, number][] = [
    ['a coat that holds', { a: 600 }, 25],
    ['one that lasts half of it: wetted again once', { a: 300 }, 50],
    ['one that lasts a fifth of it: four times more', { a: 120 }, 125],
    ['of which nobody knows how it dries: one more', {}, 50],
  ];
  test.each(cases)('%s', (_, holds, expected) => {
    const { amounts } = load(room(surface('a')), holds);
    expect(amounts).toHaveLength(1);
    expect(ml(amounts[0]!.volume)).toBeCloseTo(expected, 1);
  });

  test('the same solution is one amount, another strength another', () => {
    const weak = { ...surface('x').treatment!, strength: 0.015 };
    const rooms = room(surface('a'), surface('b'), surface('c', { treatment: weak }));
    const { amounts } = load(rooms, { a: 600, b: 600, c: 600 });
    expect(amounts.map(({ strength, volume }) => [strength, ml(volume)])).toEqual([
      [0.03, 50],
      [0.015, 25],
    ]);
  });

  test('what is only washed takes no solution, and cloths', () => {
    const { amounts, cloths } = load(room(surface('a', { treatment: null })));
    expect(amounts).toEqual([]);
    expect(Object.values(cloths).reduce((sum, one) => sum + one, 0)).toBeGreaterThan(0);
  });
});

const HOUR = 3600;
const visit = (id: string, homeId: string, crew: string[]): WeekVisit => ({
  id,
  homeId,
  crew,
  day: 0,
  from: 0,
  by: 0,
  people: crew.length,
  needs: [],
  at: 0,
  held: false,
});
const stop = (one: WeekVisit, start: number) => ({ visit: one, start, end: start + HOUR });
const [ode, gus, bo] = [
  stop(visit('1', 'ode', ['ana', 'ben']), 9 * HOUR),
  stop(visit('2', 'gus', ['ana']), 12 * HOUR),
  stop(visit('3', 'bo', ['cem']), 8 * HOUR),
];
const route = (person: string, ...stops: (typeof ode)[]) => ({
  person,
  leaves: 0,
  back: 0,
  stops: stops.map((one) => ({ ...one, arrives: one.start })),
});
const day: LaidDay = {
  stops: [bo, ode, gus],
  routes: [route('ana', ode, gus), route('ben', ode), route('cem', bo)],
};
const peroxide = {
  stockId: 's',
  active: 'hydrogen peroxide',
  strength: 0.03,
  volume: 1e-4,
} as const;
const cloths = { ...load(room(surface('a'))).cloths };
const loads: Record<string, VisitLoad> = Object.fromEntries(
  ['ode', 'gus', 'bo'].map((home) => [
    home,
    { amounts: [peroxide], wipes: [{ active: 'ethanol', strength: 0.7, count: 3 }], cloths },
  ]),
);

test('whoever is named first carries; all of a day is added up, with 15 % over', () => {
  const caddies = caddiesOf(day, (home) => loads[home]);
  expect(caddies.map(({ person, homes }) => [person, homes])).toEqual([
    ['cem', ['bo']],
    ['ana', ['ode', 'gus']],
  ]);
  expect(caddies.map(({ amounts }) => ml(amounts[0]!.volume))).toEqual([115, 230]);
  expect(caddies[1]!.wipes).toEqual([{ active: 'ethanol', strength: 0.7, count: 6 }]);
  const [zone, count] = Object.entries(cloths).find(([, many]) => many > 0)!;
  expect(caddies[1]!.cloths[zone as keyof typeof cloths]).toBe(2 * count);
});

test('a home of which nothing is known is an error, and a visit of nobody’s is nobody’s load', () => {
  expect(() => caddiesOf(day, () => undefined)).toThrow('no load of bo');
  const nobodys = { stops: [stop(visit('1', 'ode', []), 0)], routes: [] };
  expect(caddiesOf(nobodys, () => undefined)).toEqual([]);
});

test('what keeps for a day is mixed no sooner than a day before it is last used', () => {
  const weak = { ...peroxide, strength: 0.015 };
  const caddies = caddiesOf(day, (home) => ({
    ...loads[home]!,
    amounts: home === 'gus' ? [peroxide, weak] : [peroxide],
  }));
  const [whole, mixed] = toPour(caddies, day, ({ strength }) => strength < 0.03);
  expect(ml(whole!.volume)).toBe(345);
  expect(whole!.notBefore).toBeNull();
  // Peroxide let down with water keeps a day (practice.md); Gus is over at 13:00.
  expect(mixed!.notBefore).toBe(13 * HOUR - 24 * HOUR);
});
