import { seeded } from '../../src/units/random.ts';
import {
  planAhead,
  planner,
  replan,
  untouched,
  type PlanStep,
  type Replanned,
  type SurfaceClock,
  type VisitProblem,
} from '../../src/index.ts';
import { drawVisit, quickPlan } from './drawVisit.ts';

const STARTED = 1_000_000;
const at = (seconds: number): number => STARTED + seconds * 1000;
const budget = { iterations: 1500, goOn: () => true };

/** A basin that is kept wet 600 s and coated anew every 240, a tap that is only wet, a floor. */
const problem: VisitProblem = {
  format: 'zymostat.visit-problem/1',
  cleaners: [
    { id: 'a', from: 0, to: 20_000 },
    { id: 'b', from: 0, to: 20_000 },
  ],
  rooms: [{ id: 'bath', open: [[0, 40_000]], walk: {} }],
  treatments: [
    {
      id: 'basin',
      room: 'bath',
      steps: [
        { kind: 'clean', work: 60 },
        { kind: 'apply', work: 20 },
        { kind: 'hold', wet: 600, rewetEvery: 240, rewetWork: 20 },
        { kind: 'wipe', work: 30 },
        { kind: 'rinse', work: 40 },
      ],
    },
    {
      id: 'tap+soil',
      room: 'bath',
      steps: [
        { kind: 'apply', work: 10 },
        { kind: 'hold', wet: 900 },
        { kind: 'wipe', work: 40, within: 300 },
      ],
    },
    { id: 'floor', room: 'bath', steps: [{ kind: 'clean', work: 100 }] },
  ],
  before: [],
  apart: [],
  closes: ['floor'],
};
const planned = quickPlan(problem, 2000);
const steps = planned.outcome === 'plan' ? planned.steps : [];

type Told = Record<string, Partial<SurfaceClock>>;
const anew = (told: Told, now: number, here = ['a', 'b']): Replanned | undefined =>
  replan(
    {
      problem,
      steps,
      here,
      moment: {
        startedAt: STARTED,
        now,
        toldOf: (id) => told[id] && { ...untouched, ...told[id] },
      },
    },
    budget,
  );
const kinds = (replanned: Replanned | undefined, treatment: string, now: number) =>
  replanned?.steps
    .filter((one) => one.treatment === treatment && one.start >= now)
    .map(({ kind }) => kind)
    .join(' ');

const wiped = { from: at(80), to: at(700), ended: 'wiped', outcome: 'met' };
const stretches = [wiped as SurfaceClock['stretches'][number]];
/** What was told, at which second; what is left of the basin and of the tap's scale. */
const cases: [string, Told, number, string, string][] = [
  ['nothing was told', {}, 300, 'clean apply rewet rewet wipe rinse', 'apply wipe'],
  [
    'washed',
    { basin: { washed: true, lastAt: at(70) } },
    300,
    'apply rewet rewet wipe rinse',
    'apply wipe',
  ],
  [
    'wet since a minute: the next coat within its time',
    { basin: { washed: true, wetSince: at(240), coats: [at(240)], lastAt: at(240) } },
    300,
    'rewet rewet wipe rinse',
    'apply wipe',
  ],
  [
    'wetted again once: one coat less is left',
    { basin: { washed: true, wetSince: at(80), coats: [at(80), at(300)], lastAt: at(300) } },
    400,
    'rewet wipe rinse',
    'apply wipe',
  ],
  [
    'a look counts as a coat until it was made',
    {
      basin: { washed: true, wetSince: at(80), coats: [at(80)], seen: [at(310)], lastAt: at(310) },
    },
    400,
    'rewet wipe rinse',
    'apply wipe',
  ],
  [
    'nobody has wetted it in time: it goes on anew',
    { basin: { washed: true, wetSince: at(80), coats: [at(80)], lastAt: at(80) } },
    400,
    'apply rewet rewet wipe rinse',
    'apply wipe',
  ],
  [
    'found dry',
    { basin: { washed: true, coats: [at(80)], lastAt: at(200) } },
    400,
    'apply rewet rewet wipe rinse',
    'apply wipe',
  ],
  [
    'its time is over, nobody has wiped it: it waits for that alone',
    {
      basin: { washed: true, wetSince: at(80), coats: [at(80), at(300), at(520)], lastAt: at(520) },
    },
    800,
    'wipe rinse',
    'apply wipe',
  ],
  [
    'wiped: it is rinsed',
    { basin: { washed: true, stretches, lastAt: at(700) } },
    800,
    'rinse',
    'apply wipe',
  ],
  ['done', { basin: { done: true, lastAt: at(900) } }, 950, '', 'apply wipe'],
  ['left out', { basin: { done: true, skipped: true, lastAt: at(900) } }, 950, '', 'apply wipe'],
  [
    'vinegar works on the tap: it is taken off',
    { tap: { lying: { since: at(100), by: 'heard' as never }, lastAt: at(100) } },
    400,
    'clean apply rewet rewet wipe rinse',
    'wipe',
  ],
  [
    'vinegar lies there too long: off at once',
    { tap: { lying: { since: at(100), by: 'heard' as never }, lastAt: at(100) } },
    1400,
    'clean apply rewet rewet wipe rinse',
    'wipe',
  ],
  [
    'its soil is off',
    { tap: { loosened: true, lastAt: at(1000) } },
    1100,
    'clean apply rewet rewet wipe rinse',
    '',
  ],
];

test.each(cases)('%s', (_, told, now, basin, tap) => {
  const replanned = anew(told, now);
  expect([kinds(replanned, 'basin', now), kinds(replanned, 'tap+soil', now)]).toEqual([basin, tap]);
  expect(kinds(replanned, 'floor', now)).toBe('clean');
});

test('what is too late is asked for within five minutes, before what can wait', () => {
  const tap = { lying: { since: at(100), by: 'heard' as never }, lastAt: at(100) };
  const off = anew({ tap }, 1400)!.steps.find(({ treatment }) => treatment === 'tap+soil')!;
  expect(off.start).toBeLessThanOrEqual(1700);
});

test('the next coat of what is wet comes in its time', () => {
  const basin = { washed: true, wetSince: at(100), coats: [at(100)], lastAt: at(100) };
  const [first] = anew({ basin }, 300)!.steps.filter(({ kind }) => kind === 'rewet');
  expect(first!.start).toBeLessThanOrEqual(340);
});

test('who went home does nothing more; who came does', () => {
  const without = anew({}, 300, ['a'])!;
  expect(new Set(without.steps.map(({ cleaner }) => cleaner))).toEqual(new Set(['a']));
  const other = anew({}, 300, ['c'])!;
  expect(new Set(other.steps.map(({ cleaner }) => cleaner))).toEqual(new Set(['c']));
  expect(other.problem.cleaners).toEqual([{ id: 'c', from: 300, to: 29_100 }]);
  expect(anew({}, 300, [])).toBeUndefined();
});

test('what is told after it is counted on from the new plan', () => {
  const basin = { washed: true, wetSince: at(80), coats: [at(80), at(300)], lastAt: at(300) };
  const { steps: rest } = anew({ basin }, 400)!;
  const ahead = (coats: number[]) =>
    planAhead(rest, () => ({ ...untouched, ...basin, coats }))
      .filter(({ treatment }) => treatment === 'basin')
      .map(({ kind }) => kind);
  expect(ahead([at(80), at(300)])).toEqual(['rewet', 'wipe', 'rinse']);
  expect(ahead([at(80), at(300), at(530)])).toEqual(['wipe', 'rinse']);
});

/** What a step that was told leaves behind. */
const after = (kind: PlanStep['kind'], { coats }: SurfaceClock, when: number) => {
  if (kind === 'clean') return { washed: true };
  if (kind === 'apply') return { wetSince: when, coats: [when] };
  return kind === 'rewet' ? { coats: [...coats, when] } : { done: true, wetSince: null };
};

/** What would have been told if a plan had been kept to until now, each a little late. */
const toldBy = (own: readonly PlanStep[], upTo: number, next: () => number) => {
  const told = new Map<string, SurfaceClock>();
  for (const { treatment, kind, end } of own) {
    const when = end + Math.floor(next() * 8);
    if (when > upTo) continue;
    const clock = told.get(treatment) ?? untouched;
    told.set(treatment, { ...clock, ...after(kind, clock, at(when)), lastAt: at(when) });
  }
  return told;
};

test('100 visits left at any moment: what comes back is whole, within its time, by who is there', () => {
  const next = seeded(71);
  let came = 0;
  for (let k = 0; k < 100; k += 1) {
    const drawn = drawVisit(500 + k, { surfaces: 4 + (k % 5), cleaners: 1 + (k % 3), rooms: 2 });
    const free = {
      ...drawn,
      cleaners: drawn.cleaners.map((one) => ({ ...one, from: 0, to: 90_000 })),
      rooms: drawn.rooms.map((room) => ({ ...room, open: [[0, 90_000]] as [number, number][] })),
    };
    const planning = planner(free, { seed: 1 });
    planning.run({ iterations: 200, goOn: () => true });
    const plan = planning.plan();
    if (plan.outcome !== 'plan') continue;
    const now = Math.floor(next() * plan.done);
    const told = toldBy(plan.steps, now, next);
    const moment = { startedAt: STARTED, now, toldOf: (id: string) => told.get(id) };
    const here = free.cleaners.slice(0, 1 + (k % 2)).map(({ id }) => id);
    const rest = replan(
      { problem: free, steps: plan.steps, moment, here },
      { ...budget, iterations: 400 },
    );
    if (!rest) continue;
    came += 1;
    const ahead = rest.steps.filter(({ start }) => start >= now);
    const isOpen = (id: string) => !told.get(id)?.done;
    const left = new Set(ahead.map(({ treatment }) => treatment));
    for (const { id, steps: own } of free.treatments) {
      const clock = told.get(id);
      const onlyWaits = own.at(-1)!.kind === 'hold' && clock?.wetSince != null;
      const onlyCleaned = own.every(({ kind }) => kind === 'clean') && clock?.washed;
      if (isOpen(id) && !onlyWaits && !onlyCleaned) expect(left).toContain(id);
    }
    for (const { cleaner } of ahead) expect(here).toContain(cleaner);
    expect(rest.done).toBeGreaterThanOrEqual(Math.max(0, ...ahead.map(({ end }) => end)));
  }
  expect(came).toBeGreaterThan(60);
});
