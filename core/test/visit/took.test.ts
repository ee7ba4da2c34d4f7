import { seeded } from '../../src/units/random.ts';
import { tookIn, visitProblem, type Took, type ToldStep } from '../../src/index.ts';
import { room, surface } from './treated.ts';

const told = (
  seconds: number,
  surfaceId: string,
  kind: ToldStep['kind'],
  personId = 'ana',
): ToldStep => ({ surfaceId, personId, kind, at: 1000 * seconds });
/** A round in which the basin is washed so many seconds after the tap was. */
const round = (gap: number): ToldStep[] => [told(0, 'tap', 'washed'), told(gap, 'basin', 'washed')];

const cases: [string, ToldStep[][], Took][] = [
  ['nothing was told', [], {}],
  ['twice is too few', [round(50), round(60)], {}],
  ['three times: the middle one', [round(50), round(90), round(60)], { basin: { clean: 60 } }],
  [
    'one that was forgotten for an hour is left out',
    [50, 60, 70, 3600].map(round),
    { basin: { clean: 60 } },
  ],
  ['what was told at once says nothing', [1, 2, 1, 3].map(round), {}],
  ['of the first thing of a round nobody knows', [round(50), round(50)].map(([a]) => [a!]), {}],
  [
    'what another did between does not shorten it',
    [50, 60, 70].map((gap) => [...round(gap), told(gap - 5, 'floor', 'washed', 'ben')]),
    { basin: { clean: 60 } },
  ],
  [
    'steps are told apart',
    [40, 50, 60].map((gap) => [
      told(0, 'basin', 'washed'),
      told(gap, 'basin', 'applied'),
      told(gap + 500, 'basin', 'wiped'),
      told(gap + 530, 'basin', 'rinsed'),
    ]),
    { basin: { apply: 50, wipe: 500, rinse: 30 } },
  ],
];
test.each(cases)('%s', (_, rounds, expected) => {
  expect(tookIn(rounds)).toEqual(expected);
});

test('200 sets of rounds: what comes back was within what was told, whatever the order', () => {
  const next = seeded(5);
  for (let k = 0; k < 200; k += 1) {
    const gaps = Array.from({ length: 3 + (k % 6) }, () => 4 + Math.floor(next() * 590));
    const { basin } = tookIn(gaps.map(round));
    expect(basin!.clean).toBeGreaterThanOrEqual(Math.min(...gaps));
    expect(basin!.clean).toBeLessThanOrEqual(Math.max(...gaps));
    expect(tookIn(gaps.map((gap) => round(gap).reverse()).reverse()).basin).toEqual(basin);
  }
});

test('a visit is planned by what its rounds took, and by the table where nobody knows', () => {
  const team = [{ id: 'a', from: 0, to: 20_000 }];
  const ask = { rooms: room(surface('x')), holds: { x: 600 }, team, walk: 20, ways: {}, hours: {} };
  const works = (took: Took) =>
    visitProblem({ ...ask, took }).treatments[0]!.steps.flatMap((step) =>
      'work' in step ? [step.work] : [],
    );
  const [wash, apply, wipe, rinse] = works({});
  expect(works({ x: { clean: 200, wipe: 7 } })).toEqual([200, apply, 7, rinse]);
  expect(works({ y: { clean: 200 } })).toEqual([wash, apply, wipe, rinse]);
});
