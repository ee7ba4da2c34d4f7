import {
  foldClock,
  untouched,
  type EventKind,
  type SurfaceClock,
  type Treatment,
} from '@zymostat/core';
import { surface } from '../../core/test/visit/treated.ts';
import { isToBeRinsed, nextStep } from '../src/features/rounds/surface/nextStep.ts';
import {
  countDone,
  dueAt,
  heldSoFar,
  isOver,
  nearbyOf,
  upNext,
  wetByDue,
  type Stop,
} from '../src/features/rounds/stop.ts';

const MINUTE = 60_000;
const peroxide = { active: 'hydrogen peroxide', strength: 0.03, stockId: 's' } as const;
const plain: Treatment = {
  lies: null,
  seconds: 600,
  coatHolds: 900,
  applies: true,
  rinses: true,
  puts: [],
  lifts: false,
  flushes: false,
  toilet: false,
  use: peroxide,
};
const cleaned: Treatment = { ...plain, seconds: 0, applies: false, rinses: false, use: null };
const toilet: Treatment = { ...plain, flushes: true, toilet: true };
const withTablet: Treatment = { ...toilet, lifts: true };
const crusted: Treatment = { ...plain, lies: { least: 900, most: 1800, vinegar: false } as never };

const stopOf = (treatment: Treatment, clock: SurfaceClock = untouched, id = 'basin'): Stop => ({
  surface: surface(id),
  roomId: 'bath',
  roomName: 'Bath',
  treatment,
  clock,
});

/** What was told, one a minute apart from 0. */
const told = (treatment: Treatment, kinds: readonly EventKind[], apart = MINUTE): SurfaceClock =>
  foldClock(
    kinds.map((kind, k) => ({
      id: String(k),
      surfaceId: 'basin',
      kind,
      at: k * apart,
      batchId: kind === 'applied' ? 'B-1' : null,
      clock: { opening: 'here', uncertain: 0 },
    })),
    treatment,
  );

describe('the next step at a surface', () => {
  test.each<[string, Treatment, EventKind[], EventKind | null]>([
    ['untouched: it is washed', plain, [], 'washed'],
    ['washed: the solution goes on', plain, ['washed'], 'applied'],
    ['wiped, and to be rinsed', plain, ['washed', 'applied', 'wiped'], 'rinsed'],
    ['rinsed: nothing', plain, ['washed', 'applied', 'wiped', 'rinsed'], null],
    ['only cleaned: the wash is all', cleaned, ['washed'], null],
    ['a toilet: flushed first', toilet, [], 'lifted'],
    ['with a tablet: out first', withTablet, [], 'lifted'],
    ['and then washed', withTablet, ['lifted'], 'washed'],
    ['a crust: something is laid on first', crusted, [], 'laid'],
    ['found dry too early: it goes on anew', plain, ['washed', 'applied', 'found-dry'], 'applied'],
  ])('%s', (_, treatment, kinds, next) => {
    // Ten minutes between what is told, so that a wet time is met where it is to be.
    const clock = told(treatment, kinds, 10 * MINUTE);
    expect(nextStep(stopOf(treatment, clock))?.kind ?? null).toBe(next);
  });

  test('what is wiped too early ends there, and stays not met however it is rinsed', () => {
    const early: EventKind[] = ['washed', 'applied', 'wiped', 'rinsed'];
    const { stretches } = told(plain, early, 2 * MINUTE);
    expect(stretches).toMatchObject([{ heldSeconds: 120, ended: 'wiped', outcome: 'not-met' }]);
  });

  test('taking a tablet out says of the gloves, flushing does not speak of a tablet', () => {
    expect(nextStep(stopOf(withTablet))!.say).toMatch(/Tablet out/);
    expect(nextStep(stopOf(toilet))!.say).not.toMatch(/[Tt]ablet/);
  });

  test('a surface without a disinfectant is never said to need a wet time', () => {
    expect(nextStep(stopOf(cleaned))!.note).not.toMatch(/\d:\d\d/);
    expect(nextStep(stopOf(plain, told(plain, ['washed'])))!.note).toMatch(/10:00/);
  });

  test('it is only to be rinsed between the wipe and the rinse', () => {
    const after = (...kinds: EventKind[]) =>
      isToBeRinsed(stopOf(plain, told(plain, kinds, 10 * MINUTE)));
    expect([
      after('washed'),
      after('washed', 'applied'),
      after('washed', 'applied', 'wiped'),
      after('washed', 'applied', 'wiped', 'rinsed'),
    ]).toEqual([false, false, true, false]);
  });
});

describe('the stops of a round', () => {
  const wet = (id: string, minutesAgo: number, now: number): Stop => {
    const at = now - minutesAgo * MINUTE;
    const clock = { ...untouched, washed: true, wetSince: at, coats: [at], lastAt: at };
    return stopOf(plain, { ...clock, on: ['B-1'] }, id);
  };
  const now = 100 * MINUTE;

  test('what was left out does not count as done', () => {
    const done = { ...untouched, done: true };
    const stops = [stopOf(plain, done), stopOf(plain, { ...done, skipped: true }), stopOf(plain)];
    expect(countDone(stops)).toBe(1);
  });

  test('what is wet comes soonest due first', () => {
    const stops = [wet('young', 2, now), wet('old', 9, now), stopOf(plain), wet('middle', 5, now)];
    expect(wetByDue(stops, now).map(({ surface }) => surface.id)).toEqual([
      'old',
      'middle',
      'young',
    ]);
  });

  test('a time is over only once all of it has been wet', () => {
    expect(heldSoFar(wet('basin', 9, now), now)).toBe(540);
    expect(isOver(wet('basin', 9, now), now)).toBe(false);
    expect(isOver(wet('basin', 10, now), now)).toBe(true);
    expect(isOver(stopOf(plain), now)).toBe(false);
    expect(heldSoFar(stopOf(plain), now)).toBe(0);
  });

  test('what is due comes before anything that could be begun', () => {
    const due = wet('basin', 11, now);
    const open = stopOf(plain, untouched, 'mirror');
    expect(dueAt(due, now)!.at).toBeLessThanOrEqual(now);
    expect(upNext([open, due], now, () => undefined)).toBe(due);
  });

  test('while it is wet and not due, something else is begun; what has to wait comes last', () => {
    const young = wet('basin', 1, now);
    const [open, waits] = [stopOf(plain, untouched, 'mirror'), stopOf(plain, untouched, 'tap')];
    const held = (stop: Stop) => (stop === waits ? 'must not meet' : undefined);
    expect(upNext([young, waits, open], now, held)).toBe(open);
    expect(upNext([young, waits], now, held)).toBe(waits);
    expect(upNext([young], now, held)).toBe(young);
    expect(upNext([], now, held)).toBeUndefined();
  });

  test('what is wet nearby is of the same room, and never the surface itself', () => {
    const here = wet('basin', 1, now);
    const there = { ...wet('sink', 1, now), roomId: 'kitchen' };
    const beside = wet('tap', 1, now);
    const names = nearbyOf([here, there, beside], here).map(({ name }) => name);
    expect(names).toEqual(['tap']);
  });
});
