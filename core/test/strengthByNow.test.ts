import {
  cautiousRules,
  normal,
  readingError,
  seeded,
  stockFloor,
  strengthByNow,
  stripInterval,
  stripSteps,
  type Aging,
  type StrengthReading,
} from '../src/index.ts';

const DAY = 86_400_000;
const YEAR = 365.25 * DAY;
const bottle = (more: Partial<Aging> = {}): Aging => ({
  active: 'hydrogen peroxide',
  declared: 0.03,
  receivedAt: 0,
  openedAt: null,
  storage: [],
  readings: [],
  ...more,
});
const FLOOR = 0.025;
const strip = (at: number, step: number): StrengthReading => ({
  at,
  ...stripInterval(step, stripSteps),
  error: readingError.strip,
});

test('closed, dark and cool it loses under 2 % of its strength a year (CDC-2008, memory)', () => {
  const { middle, low } = strengthByNow(bottle(), FLOOR, YEAR);
  expect(middle / 0.03).toBeGreaterThan(0.98);
  expect(low).toBeLessThan(middle);
});

test.each<[string, Partial<Aging>, Partial<Aging>]>([
  ['opened sooner than closed', { openedAt: 0 }, {}],
  ['opened early sooner than opened late', { openedAt: 0 }, { openedAt: YEAR / 2 }],
  ['nobody knows how sooner than warm', { storage: null }, { storage: ['warm'] }],
  ['warm sooner than cool', { openedAt: 0, storage: ['warm'] }, { openedAt: 0 }],
  [
    'clear and warm sooner than warm',
    { openedAt: 0, storage: ['warm', 'clear'] },
    { openedAt: 0, storage: ['warm'] },
  ],
  ['peroxide sooner than vinegar', { openedAt: 0 }, { openedAt: 0, active: 'acetic acid' }],
])('it falls: %s', (_, sooner, later) => {
  const at = (of: Partial<Aging>) => strengthByNow(bottle(of), FLOOR, YEAR).middle;
  expect(at(sooner)).toBeLessThan(at(later));
});

test('a weak reading moves it down and narrows the band; the day it crosses comes nearer', () => {
  const unread = strengthByNow(bottle({ openedAt: 0 }), FLOOR, YEAR);
  const read = strengthByNow(bottle({ openedAt: 0, readings: [strip(YEAR, 0.02)] }), FLOOR, YEAR);
  expect(read.middle).toBeLessThan(unread.middle);
  expect(read.high - read.low).toBeLessThan(unread.high - unread.low);
  expect(read.crosses!.likely).toBeLessThan(unread.crosses!.likely);
  expect(unread.crosses!.earliest).toBeLessThan(unread.crosses!.likely);
});

test('what is under the floor already has crossed it; vinegar never will', () => {
  const weak = bottle({ openedAt: 0, readings: [strip(YEAR, 0.015), strip(YEAR, 0.015)] });
  expect(strengthByNow(weak, FLOOR, YEAR).crosses!.likely).toBe(YEAR);
  const vinegar = bottle({ active: 'acetic acid', declared: 0.05 });
  expect(strengthByNow(vinegar, 0.01, YEAR).crosses).toBeNull();
});

test.each<[Aging['active'], number, number]>([
  ['hydrogen peroxide', 0.03, 0.025],
  ['2-propanol', 0.7, 0.6],
  ['2-propanol', 0.99, 0.825],
  // A cleaner is no disinfectant that has become too weak.
  ['2-propanol', 0.5, 0.5 * (2.5 / 3)],
  ['acetic acid', 0.06, 0.05],
])('%s of %d is thrown away under %d', (active, declared, floor) => {
  expect(stockFloor(active, declared, cautiousRules)).toBeCloseTo(floor, 9);
});

test('a reading that all others speak against is doubted, and no other', () => {
  const readings = [1, 2, 3].map((n) => strip((n * YEAR) / 12, 0.03));
  expect(strengthByNow(bottle({ readings }), FLOOR, YEAR / 3).doubtful).toEqual([]);
  const off = [...readings, strip(YEAR / 3, 0.0075)];
  expect(strengthByNow(bottle({ readings: off }), FLOOR, YEAR / 3).doubtful).toEqual([3]);
});

test('nine bands in ten hold what is in there: 1,000 containers of known loss, each in milliseconds', () => {
  const chance = seeded(20261127);
  const draw = normal(chance);
  let [held, spent] = [0, 0];
  for (let n = 0; n < 1000; n += 1) {
    const openedAt = chance() * YEAR;
    const now = openedAt + chance() * YEAR;
    const [began, rate] = [0.03 * (1 + 0.04 * draw()), Math.exp(0.8 * draw())];
    const truth = (at: number) => {
      const open = Math.max(0, at - openedAt) / YEAR;
      const shut = Math.min(at, openedAt) / YEAR;
      return began * Math.exp(-rate * (0.015 * shut + 0.12 * open));
    };
    const readings = Array.from({ length: 1 + Math.floor(chance() * 4) }, () => {
      const at = chance() * now;
      const seen = truth(at) * (1 + readingError.strip * draw());
      return strip(at, stripSteps.findLast((step) => step <= seen) ?? 0);
    });
    const begun = performance.now();
    const { low, high } = strengthByNow(bottle({ openedAt, readings }), FLOOR, now);
    spent += performance.now() - begun;
    if (truth(now) >= low && truth(now) <= high) held += 1;
  }
  expect(held).toBeGreaterThanOrEqual(870);
  expect(held).toBeLessThanOrEqual(930);
  // Under 3 ms measured on a busy machine; what is meant to fail is what takes many times as long.
  expect(spent / 1000).toBeLessThan(15);
});
