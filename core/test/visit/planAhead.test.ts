import {
  behindPlan,
  moveStep,
  nearestPlace,
  paidOf,
  planAhead,
  sameSteps,
  planner,
  checkPlan,
  untouched,
  visitProblem,
  withPeople,
  type PlanStep,
  type SurfaceClock,
  type TreatedRoom,
  type TreatedSurface,
} from '../../src/index.ts';
import { drawVisit, quickPlan } from './drawVisit.ts';
import { room, surface } from './treated.ts';

const step = (treatment: string, kind: PlanStep['kind'], start: number, end: number): PlanStep => ({
  treatment,
  step: 0,
  kind,
  cleaner: 'a',
  start,
  end,
});
const plan = [
  step('basin', 'clean', 0, 60),
  step('basin', 'apply', 60, 90),
  step('basin', 'rewet', 200, 210),
  step('basin', 'rewet', 320, 330),
  step('basin', 'wipe', 700, 730),
  step('tap+soil', 'apply', 90, 100),
  step('tap+soil', 'wipe', 900, 930),
  step('tap', 'apply', 930, 950),
];

describe('what is still to be done by a plan', () => {
  const told: [string, string, Partial<SurfaceClock>, number[]][] = [
    ['nothing was told', 'basin', {}, [0, 1, 2, 3, 4]],
    ['washed', 'basin', { washed: true }, [1, 2, 3, 4]],
    ['applied', 'basin', { washed: true, wetSince: 1, coats: [1] }, [2, 3, 4]],
    ['wetted again once', 'basin', { washed: true, wetSince: 1, coats: [1, 2] }, [3, 4]],
    ['wetted again twice', 'basin', { washed: true, wetSince: 1, coats: [1, 2, 3] }, [4]],
    ['found dry: on it must go again', 'basin', { washed: true, coats: [1] }, [1, 2, 3, 4]],
    ['done', 'basin', { done: true }, []],
    ['its soil taken off', 'tap', { loosened: true }, [7]],
    ['nothing of its soil', 'tap', {}, [5, 6, 7]],
  ];
  test.each(told)('%s', (_, id, clock, left) => {
    const own = plan.filter(({ treatment }) => treatment.startsWith(id));
    const ahead = planAhead(own, () => ({ ...untouched, ...clock }));
    expect(ahead.map((one) => plan.indexOf(one))).toEqual(left);
  });

  test('of a surface that nobody knows nothing is done', () => {
    expect(planAhead(plan, () => undefined)).toEqual(plan);
  });

  test('it is late by what should long be over', () => {
    expect(behindPlan(plan.slice(1), 80)).toBe(0);
    expect(behindPlan(plan.slice(1), 150)).toBe(60);
    expect(behindPlan([], 9999)).toBe(0);
  });
});

const team = [{ id: 'a', from: 0, to: 20_000 }];
const problemOf = (rooms: TreatedRoom[], holds: Record<string, number>) =>
  visitProblem({ rooms, holds, took: {}, team, walk: 20, ways: {}, hours: {} });
const holdIn = (holds: Record<string, number>) =>
  problemOf(room(surface('x')), holds).treatments[0]!.steps.find(({ kind }) => kind === 'hold');

describe('the problem of a visit, out of an approved protocol', () => {
  test('a coat that holds long enough needs no re-wet', () => {
    expect(holdIn({ x: 600 })).toEqual({ kind: 'hold', wet: 600 });
  });

  test('one that holds less is wetted again in time', () => {
    expect(holdIn({ x: 240 })).toMatchObject({ wet: 600, rewetEvery: 240 });
  });

  test('where nobody knows how it dries, somebody looks every two minutes', () => {
    expect(holdIn({})).toMatchObject({ rewetEvery: 120 });
    expect(holdIn({ x: 0 })).toMatchObject({ rewetEvery: 120 });
  });

  test('high comes before low, and the floor closes the room', () => {
    const rooms = room(
      surface('a', { level: 'eye' }),
      surface('b'),
      surface('f', { level: 'floor' }),
    );
    expect(problemOf(rooms, {})).toMatchObject({ before: [['a', 'b']], closes: ['f'] });
  });

  test('what must be rinsed between keeps its order, and is never wet together', () => {
    const acid = { ...surface('x').treatment!, active: 'acetic acid' as const };
    const between = ['rinse-between', 'wash', 'spray', 'hold', 'wipe'] as const;
    const aired = ['air-between', ...between] as const;
    const rooms = room(surface('a'), surface('b', { treatment: acid, steps: [...between] }));
    expect(problemOf(rooms, {})).toMatchObject({
      apart: [{ a: 'a', b: 'b', gap: 0 }],
      before: [['a', 'b']],
    });
    const gassy = room(surface('a'), surface('b', { treatment: acid, steps: [...aired] }));
    expect(problemOf(gassy, {}).apart).toEqual([{ a: 'a', b: 'b', gap: 600 }]);
  });

  test('a bag of vinegar has its longest time, and comes off before the treatment goes on', () => {
    const loosening = {
      ...({} as NonNullable<TreatedSurface['loosening']>),
      soil: 'limescale' as const,
      lies: { least: 1800, most: 2700 },
    };
    const { treatments, apart, before } = problemOf(room(surface('x', { loosening })), { x: 600 });
    expect(treatments[0]).toMatchObject({
      id: 'x+soil',
      steps: [{ kind: 'apply' }, { kind: 'hold', wet: 1800 }, { kind: 'wipe', within: 900 }],
    });
    expect([apart, before]).toEqual([[{ a: 'x+soil', b: 'x', gap: 0 }], [['x+soil', 'x']]]);
  });

  test('what is only washed is cleaned once, and a larger thing takes longer', () => {
    const work = (area: number) =>
      problemOf(room(surface('x', { treatment: null, area })), {}).treatments[0]!.steps;
    expect(work(1)).toEqual([{ kind: 'clean', work: 75 }]);
    expect(work(2)).toEqual([{ kind: 'clean', work: 135 }]);
  });
});

describe('a plan that goes on', () => {
  const problem = drawVisit(41, { surfaces: 12, cleaners: 2, rooms: 3 });
  const whole = quickPlan(problem, 2000);
  const steps = whole.outcome === 'plan' ? whole.steps : [];

  test('is planned anew from now within a second; what was begun stays', () => {
    const now = Math.floor(steps.at(-1)!.end / 2);
    const begun = steps.filter(({ start }) => start < now);
    const from = performance.now();
    const planning = planner(problem, { seed: 1, begun: { steps: begun, now } });
    planning.run({ iterations: 300, goOn: () => true });
    expect(performance.now() - from).toBeLessThan(1000);
    const plan = planning.plan();
    if (plan.outcome !== 'plan') throw new Error(plan.outcome);
    expect(plan.steps).toEqual(expect.arrayContaining(begun));
    expect(plan.steps.filter(({ start }) => start < now)).toHaveLength(begun.length);
    expect(checkPlan(problem, plan.steps)).toEqual([]);
  });

  test('a step that was moved is put where it fits, as near as it can be', () => {
    for (const [at, one] of steps.entries()) {
      const wanted = { cleaner: one.cleaner, start: Math.max(0, one.start - 40) };
      const place = nearestPlace(problem, steps, at, wanted)!;
      expect(checkPlan(problem, moveStep(steps, at, place))).toEqual([]);
      expect(Math.abs(place.start - wanted.start)).toBeLessThanOrEqual(one.start - wanted.start);
    }
  });

  test('with more people it is never later, and each is paid from first to last', () => {
    const more = quickPlan(withPeople(problem, 3), 2000);
    if (more.outcome !== 'plan' || whole.outcome !== 'plan') throw new Error('no plan');
    expect(more.lowerBound).toBeLessThanOrEqual(whole.done);
    expect(paidOf([step('x', 'clean', 10, 20), step('y', 'clean', 50, 60)])).toBe(50);
  });
});

test('two plans are the same however steps and fields are ordered', () => {
  const turned = [...plan].reverse().map(({ end, start, ...rest }) => ({ end, ...rest, start }));
  expect(sameSteps(plan, turned)).toBe(true);
  expect(sameSteps(plan, plan.slice(1))).toBe(false);
  expect(sameSteps(plan, [{ ...plan[0]!, start: 1 }, ...plan.slice(1)])).toBe(false);
});
