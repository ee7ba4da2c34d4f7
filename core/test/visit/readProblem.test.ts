import { readFileSync } from 'node:fs';
import { readVisitProblem, type FaultCode } from '../../src/index.ts';

/* The problem's own definition, its example and every way to go wrong that it names. */

const good = () => ({
  format: 'zymostat.visit-problem/1',
  cleaners: [{ id: 'c1', from: 0, to: 14_400 }] as object[],
  rooms: [
    { id: 'bath', open: [[0, 14_400]], atOnce: 1, walk: { kitchen: 45 } },
    { id: 'kitchen', open: [[0, 7200]], walk: { bath: 45 } },
  ] as Record<string, unknown>[],
  treatments: [
    {
      id: 'bath/basin',
      room: 'bath',
      steps: [
        { kind: 'clean', work: 90 },
        { kind: 'apply', work: 30 },
        { kind: 'hold', wet: 600, rewetEvery: 240, rewetWork: 20 },
        { kind: 'wipe', work: 45, within: 900 },
      ],
    },
    {
      id: 'bath/wc',
      room: 'bath',
      steps: [
        { kind: 'apply', work: 30 },
        { kind: 'hold', wet: 60 },
      ],
    },
    { id: 'kitchen/top', room: 'kitchen', steps: [{ kind: 'clean', work: 60 }] },
    { id: 'bath/floor', room: 'bath', steps: [{ kind: 'clean', work: 120 }] },
  ] as Record<string, unknown>[],
  before: [['bath/basin', 'bath/wc']] as unknown[],
  apart: [{ a: 'bath/basin', b: 'bath/wc', gap: 300 }] as unknown[],
  closes: ['bath/floor'] as unknown[],
});
type Problem = ReturnType<typeof good>;
type Steps = Record<string, unknown>[];
const steps = (problem: Problem, t = 0) => problem.treatments[t]!.steps as Steps;

test('the example of the definition is read as it stands', () => {
  expect(readVisitProblem(good())).toEqual({ problem: good(), faults: [] });
});

test('lists of pairs may be absent; what is unknown is passed over', () => {
  const { before, apart, closes, ...rest } = good();
  expect([before, apart, closes].every(Array.isArray)).toBe(true);
  const read = readVisitProblem({ ...rest, title: 'home' });
  expect(read.problem).toMatchObject({ before: [], apart: [], closes: [] });
});

const wrong: [string, (problem: Problem) => void, FaultCode, string][] = [
  ['another format', (p) => (p.format = 'zymostat.visit-problem/2'), 'format', '/format'],
  ['rooms are no list', (p) => (p.rooms = {} as never), 'not-a-list', '/rooms'],
  ['a cleaner is a name', (p) => (p.cleaners = ['c1' as never]), 'not-an-object', '/cleaners/0'],
  [
    'a cleaner without a name',
    (p) => (p.cleaners = [{ from: 0, to: 9 }]),
    'not-text',
    '/cleaners/0/id',
  ],
  ['half a second', (p) => (steps(p)[0]!.work = 1.5), 'not-whole', '/treatments/0/steps/0/work'],
  ['seconds as text', (p) => (steps(p)[2]!.wet = '600'), 'not-whole', '/treatments/0/steps/2/wet'],
  ['seconds left out', (p) => delete steps(p)[1]!.work, 'not-whole', '/treatments/0/steps/1/work'],
  [
    'a negative gap',
    (p) => (p.apart = [{ a: 'bath/basin', b: 'bath/wc', gap: -1 }]),
    'negative',
    '/apart/0/gap',
  ],
  ['a negative hold', (p) => (steps(p)[2]!.wet = -600), 'negative', '/treatments/0/steps/2/wet'],
  ['work of no time', (p) => (steps(p)[3]!.work = 0), 'no-work', '/treatments/0/steps/3/work'],
  [
    'two of one name',
    (p) => (p.treatments[1]!.id = 'bath/basin'),
    'doubled-id',
    '/treatments/1/id',
  ],
  ['two rooms of one name', (p) => (p.rooms[1]!.id = 'bath'), 'doubled-id', '/rooms/1/id'],
  [
    'two cleaners of one name',
    (p) => p.cleaners.push({ id: 'c1', from: 0, to: 1 }),
    'doubled-id',
    '/cleaners/1/id',
  ],
  ['an unknown room', (p) => (p.treatments[0]!.room = 'attic'), 'unknown-id', '/treatments/0/room'],
  ['an unknown one before', (p) => (p.before = [['x', 'bath/wc']]), 'unknown-id', '/before/0/0'],
  [
    'an unknown one apart',
    (p) => (p.apart = [{ a: 'bath/wc', b: 'x', gap: 0 }]),
    'unknown-id',
    '/apart/0/b',
  ],
  ['an unknown one closes', (p) => (p.closes = ['x']), 'unknown-id', '/closes/0'],
  [
    'a walk to nowhere',
    (p) => (p.rooms[0]!.walk = { kitchen: 45, attic: 9 }),
    'unknown-id',
    '/rooms/0/walk/attic',
  ],
  [
    'hours backwards',
    (p) => (p.rooms[0]!.open = [[100, 50]]),
    'ends-before-it-begins',
    '/rooms/0/open/0/1',
  ],
  ['hours with three ends', (p) => (p.rooms[0]!.open = [[1, 2, 3]]), 'pair', '/rooms/0/open/0'],
  [
    'a walk that is missing',
    (p) => (p.rooms[0]!.walk = {}),
    'walk-missing',
    '/rooms/0/walk/kitchen',
  ],
  [
    'another way back',
    (p) => (p.rooms[1]!.walk = { bath: 44 }),
    'walk-not-symmetric',
    '/rooms/0/walk/kitchen',
  ],
  [
    'a walk within a room',
    (p) => (p.rooms[0]!.walk = { kitchen: 45, bath: 3 }),
    'walk-within',
    '/rooms/0/walk/bath',
  ],
  [
    'a step of another kind',
    (p) => (steps(p)[0]!.kind = 'polish'),
    'kind',
    '/treatments/0/steps/0/kind',
  ],
  [
    'a re-wet among the steps',
    (p) => (steps(p)[0]!.kind = 'rewet'),
    'kind',
    '/treatments/0/steps/0/kind',
  ],
  ['nothing to do', (p) => (p.treatments[2]!.steps = []), 'no-steps', '/treatments/2/steps'],
  [
    'no hold behind the apply',
    (p) => (p.treatments[1]!.steps = [{ kind: 'apply', work: 9 }]),
    'order-of-steps',
    '/treatments/1/steps',
  ],
  [
    'two applies',
    (p) => steps(p).unshift({ kind: 'apply', work: 9 }),
    'order-of-steps',
    '/treatments/0/steps',
  ],
  [
    'a hold alone',
    (p) => (p.treatments[1]!.steps = [{ kind: 'hold', wet: 9 }]),
    'order-of-steps',
    '/treatments/1/steps',
  ],
  [
    'clean after the hold',
    (p) => steps(p).push({ kind: 'clean', work: 9 }),
    'order-of-steps',
    '/treatments/0/steps',
  ],
  [
    'a wipe without a hold',
    (p) => (p.treatments[2]!.steps = [{ kind: 'wipe', work: 9 }]),
    'order-of-steps',
    '/treatments/2/steps',
  ],
  [
    'within on the second wipe',
    (p) => steps(p).push({ kind: 'wipe', work: 9, within: 5 }),
    'within-elsewhere',
    '/treatments/0/steps/4/within',
  ],
  [
    'within on a clean',
    (p) => (steps(p)[0]!.within = 5),
    'within-elsewhere',
    '/treatments/0/steps/0/within',
  ],
  [
    'a gap without its work',
    (p) => delete steps(p)[2]!.rewetWork,
    'rewet-halves',
    '/treatments/0/steps/2/rewetWork',
  ],
  [
    'a gap on an apply',
    (p) => (steps(p)[1]!.rewetEvery = 5),
    'rewet-elsewhere',
    '/treatments/0/steps/1/rewetEvery',
  ],
  ['three in a pair', (p) => (p.before = [['bath/wc', 'bath/basin', 'x']]), 'pair', '/before/0'],
  ['a circle', (p) => p.before.push(['bath/wc', 'bath/basin']), 'cycle', '/before/1'],
  ['before itself', (p) => p.before.push(['bath/wc', 'bath/wc']), 'cycle', '/before/1'],
  [
    'apart in two rooms',
    (p) => (p.apart = [{ a: 'bath/wc', b: 'kitchen/top', gap: 0 }]),
    'two-rooms',
    '/apart/0',
  ],
  [
    'apart from itself',
    (p) => (p.apart = [{ a: 'bath/wc', b: 'bath/wc', gap: 0 }]),
    'with-itself',
    '/apart/0/b',
  ],
];

test.each(wrong)('%s is refused with its place', (_, spoil, code, at) => {
  const problem = good();
  spoil(problem);
  const { faults } = readVisitProblem(problem);
  expect(faults).toContainEqual(expect.objectContaining({ code, at }));
});

test('every fault is named, not only the first', () => {
  const problem = good();
  steps(problem)[0]!.work = -1;
  problem.closes = ['x', 'y'];
  expect(readVisitProblem(problem).faults.map(({ at }) => at)).toEqual([
    '/treatments/0/steps/0/work',
    '/closes/0',
    '/closes/1',
  ]);
});

test.each([null, 7, 'visit', [], undefined])('%p is no problem', (json) => {
  expect(readVisitProblem(json).faults.length).toBeGreaterThan(0);
});

test('the visits of the benchmark are read', () => {
  const folder = new URL('../../bench/visits/', import.meta.url);
  const json: unknown = JSON.parse(readFileSync(new URL('14-everything.json', folder), 'utf8'));
  expect(readVisitProblem(json).faults).toEqual([]);
});
