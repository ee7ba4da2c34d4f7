import {
  checkPlan,
  doneAt,
  type BreachCode,
  type PlanStep,
  type VisitProblem,
} from '../../src/index.ts';

/* The eight rules, each kept to the second and broken by one. Source: the definition of the format. */

const problem: VisitProblem = {
  format: 'zymostat.visit-problem/1',
  cleaners: [
    { id: 'a', from: 0, to: 3000 },
    { id: 'b', from: 100, to: 3000 },
  ],
  rooms: [
    {
      id: 'bath',
      open: [
        [0, 1000],
        [1000, 3000],
      ],
      atOnce: 1,
      walk: { hall: 20 },
    },
    {
      id: 'hall',
      open: [
        [0, 900],
        [1200, 3000],
      ],
      walk: { bath: 20 },
    },
  ],
  treatments: [
    {
      id: 'basin',
      room: 'bath',
      steps: [
        { kind: 'clean', work: 50 },
        { kind: 'apply', work: 30 },
        { kind: 'hold', wet: 300, rewetEvery: 200, rewetWork: 10 },
        { kind: 'wipe', work: 40, within: 60 },
      ],
    },
    {
      id: 'wc',
      room: 'bath',
      steps: [
        { kind: 'apply', work: 20 },
        { kind: 'hold', wet: 100 },
      ],
    },
    { id: 'door', room: 'hall', steps: [{ kind: 'clean', work: 60 }] },
    { id: 'floor', room: 'bath', steps: [{ kind: 'clean', work: 80 }] },
  ],
  before: [['basin', 'door']],
  apart: [{ a: 'basin', b: 'wc', gap: 120 }],
  closes: ['floor'],
};

const step = (
  treatment: string,
  at: [number, PlanStep['kind']],
  [cleaner, start, end]: [string, number, number],
): PlanStep => ({ treatment, step: at[0], kind: at[1], cleaner, start, end });

/** Each rule met with nothing to spare. */
const good = (): PlanStep[] => [
  step('basin', [0, 'clean'], ['a', 0, 50]),
  step('basin', [1, 'apply'], ['a', 50, 80]),
  step('basin', [2, 'rewet'], ['a', 280, 290]),
  step('door', [0, 'clean'], ['b', 310, 370]),
  step('basin', [3, 'wipe'], ['a', 440, 480]),
  step('wc', [0, 'apply'], ['a', 600, 620]),
  step('floor', [0, 'clean'], ['a', 720, 800]),
];

test('a plan that meets every rule to the second', () => {
  expect(checkPlan(problem, good())).toEqual([]);
  expect(doneAt(problem, good())).toBe(800);
});

test('it is done when the last hold is met, though nobody works any more', () => {
  const drying = { ...problem, closes: [], treatments: problem.treatments.slice(0, 3) };
  expect(doneAt(drying, good().slice(0, 6))).toBe(720);
});

const move = (treatment: string, k: number, by: number) => (steps: PlanStep[]) => {
  const own = steps.find((one) => one.treatment === treatment && one.step === k)!;
  own.start += by;
  own.end += by;
};

const broken: [string, (steps: PlanStep[]) => void, number, BreachCode, number][] = [
  ['a step is left out', (s) => s.splice(3, 1), 1, 'missing', 60],
  ['a step is there twice', (s) => s.push({ ...s[6]!, start: 2000, end: 2080 }), 1, 'twice', 80],
  ['a step is too short', (s) => (s[3]!.end -= 1), 1, 'length', 1],
  ['a step of another kind', (s) => (s[6]!.kind = 'wipe'), 1, 'unknown', 0],
  ['nobody of that name', (s) => (s[6]!.cleaner = 'z'), 1, 'unknown', 0],
  ['a treatment that there is not', (s) => (s[6]!.treatment = 'z'), 1, 'unknown', 0],
  [
    'before the paid hours',
    (s) => ((s[0]!.cleaner = 'b'), move('basin', 0, 0)(s)),
    1,
    'outside-hours',
    100,
  ],
  ['after the paid hours', move('floor', 0, 2201), 1, 'outside-hours', 1],
  [
    'two things at once',
    (s) => ((s[3]!.cleaner = 'a'), move('door', 0, -40)(s)),
    1,
    'two-at-once',
    50,
  ],
  ['the room is shut', move('door', 0, 600), 1, 'room-closed', 60],
  [
    'two in a room for one',
    (s) => ((s[2]!.cleaner = 'b'), move('wc', 0, -320)(s)),
    1,
    'room-full',
    10,
  ],
  ['no time to walk', (s) => ((s[3]!.cleaner = 'a'), move('door', 0, -1)(s)), 2, 'walk', 1],
  ['applied before it was cleaned', move('basin', 1, -1), 3, 'order', 1],
  ['the first re-wet is late', move('basin', 2, 1), 4, 'rewet-late', 1],
  ['the last coat dries too soon', move('basin', 2, -111), 4, 'rewet-late', 1],
  ['no re-wet at all', (s) => s.splice(2, 1), 4, 'rewet-late', 100],
  ['a re-wet before the coat', move('basin', 2, -201), 4, 'rewet-outside', 1],
  ['a re-wet past the hold', move('basin', 2, 100), 4, 'rewet-outside', 10],
  ['a re-wet of another length', (s) => (s[2]!.end += 1), 4, 'rewet-length', 1],
  ['wiped a second too early', move('basin', 3, -61), 5, 'wiped-early', 1],
  ['left on a second too long', move('basin', 3, 1), 5, 'wiped-late', 1],
  ['done before what comes first', move('door', 0, -231), 6, 'before', 1],
  ['wet a second too soon after', move('wc', 0, -1), 7, 'apart', 1],
  ['on the floor before it is through', move('floor', 0, -1), 8, 'closes', 1],
];

test.each(broken)('%s', (_, spoil, rule, code, by) => {
  const steps = good();
  spoil(steps);
  expect(checkPlan(problem, steps)).toContainEqual(expect.objectContaining({ rule, code, by }));
});

test('more re-wets than needed are allowed', () => {
  const more = [...good(), step('basin', [2, 'rewet'], ['a', 180, 190])];
  expect(checkPlan(problem, more)).toEqual([]);
});

test('two spans of hours that touch are one', () => {
  const steps = good();
  move('floor', 0, 230)(steps);
  expect(checkPlan(problem, steps)).toEqual([]);
});

test('what is never wet is apart from nothing', () => {
  const dry = { ...problem, apart: [{ a: 'wc', b: 'floor', gap: 5000 }] };
  expect(checkPlan(dry, good())).toEqual([]);
});
