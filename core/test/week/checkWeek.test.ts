import {
  checkWeek,
  DEPOT,
  inRoadOrder,
  lastsWith,
  layDay,
  strangeVisits,
  UNKNOWN_ROAD,
  waysOut,
  type Misfit,
  type WeekPerson,
  type WeekProblem,
  type WeekVisit,
} from '../../src/index.ts';

const HOUR = 3600;
const [day, hours] = [8 * HOUR, [8 * HOUR, 16 * HOUR] as const];
const person = (id: string, more: Partial<WeekPerson> = {}): WeekPerson => ({
  id,
  hours: [hours, hours, hours, hours, hours, null, null],
  most: 40 * HOUR,
  skills: [],
  signed: true,
  ...more,
});
const visit = (id: string, more: Partial<WeekVisit> = {}): WeekVisit => ({
  id,
  homeId: 'ode',
  day: 0,
  from: day,
  by: day + HOUR,
  people: 1,
  needs: [],
  crew: ['ana'],
  at: 0,
  held: false,
  ...more,
});
const week = (visits: WeekVisit[], more: Partial<WeekProblem> = {}): WeekProblem => ({
  people: [person('ana'), person('ben')],
  homes: [
    { id: 'ode', lasts: [2 * HOUR, HOUR], knownTo: ['ana'] },
    { id: 'gus', lasts: [HOUR], knownTo: ['ben'] },
  ],
  visits,
  roads: [
    { a: DEPOT, b: 'ode', seconds: 600 },
    { a: 'gus', b: DEPOT, seconds: 1200 },
    { a: 'ode', b: 'gus', seconds: 900 },
  ],
  ...more,
});

test('a day from the depot from home to home and back, the road counted', () => {
  const { routes, stops } = layDay(
    week([visit('a'), visit('b', { homeId: 'gus', at: 1, by: day + 4 * HOUR })]),
    0,
  );
  // 8:10 at Ode, as long as two hours; 10:25 at Gus; back at 11:45.
  expect(stops.map(({ start, end }) => [start - day, end - day])).toEqual([
    [600, 7800],
    [8700, 12_300],
  ]);
  expect(routes).toMatchObject([{ person: 'ana', leaves: day, back: day + 13_500 }]);
  expect(routes[0]!.stops.map(({ arrives }) => arrives - day)).toEqual([600, 8700]);
});

test('who waits for the hour asked for sets out later, and is not paid for it', () => {
  const checked = checkWeek(week([visit('a', { from: day + 2 * HOUR, by: day + 3 * HOUR })]));
  expect(checked.paid.get('ana')).toBe(2 * HOUR + 1200);
  expect(checked.days[0]!.routes[0]!.leaves).toBe(day + 2 * HOUR - 600);
});

test('two begin once both are there, and are done sooner', () => {
  const { stops, routes } = layDay(
    week([
      visit('a', { homeId: 'gus', crew: ['ben'] }),
      visit('b', { crew: ['ana', 'ben'], people: 2, at: 1 }),
    ]),
    0,
  );
  // Ben is at Gus from 8:20 to 9:20 and at Ode by 9:35; Ana sets out so as to be there then.
  expect(stops[1]).toMatchObject({ start: day + 5700, end: day + 5700 + HOUR });
  expect(routes.find(({ person: who }) => who === 'ana')).toMatchObject({ leaves: day + 5100 });
});

test('the order is the one that was set, whatever the windows', () => {
  const visits = [visit('a', { at: 1 }), visit('b', { homeId: 'gus', at: 0 })];
  expect(layDay(week(visits), 0).stops.map((stop) => stop.visit.id)).toEqual(['b', 'a']);
});

const soon = { by: day + HOUR };
const cases: [string, WeekProblem, Misfit[]][] = [
  ['all fits', week([visit('a')]), []],
  ['nobody goes', week([visit('a', { crew: [] })]), [{ code: 'nobody', visit: 'a', missing: 1 }]],
  [
    'one of two goes',
    week([visit('a', { people: 2 })]),
    [{ code: 'nobody', visit: 'a', missing: 1 }],
  ],
  [
    'the second is reached late',
    week([visit('a'), visit('b', { homeId: 'gus', at: 1, ...soon })]),
    [{ code: 'late', visit: 'b', by: 8700 - HOUR }],
  ],
  ['at the last moment is not late', week([visit('a', { by: day + 600 })]), []],
  [
    'a second after it is',
    week([visit('a', { by: day + 599 })]),
    [{ code: 'late', visit: 'a', by: 1 }],
  ],
  [
    'the book is not signed',
    week([visit('a')], { people: [person('ana', { signed: false })] }),
    [{ code: 'unsigned', visit: 'a', person: 'ana' }],
  ],
  [
    'somebody is off that day',
    week([visit('a', { day: 5 })]),
    [{ code: 'off', visit: 'a', person: 'ana' }],
  ],
  [
    'nobody of them can do what the home needs',
    week([visit('a', { needs: ['dog'] })]),
    [{ code: 'unskilled', visit: 'a', skill: 'dog' }],
  ],
  [
    'one of them can',
    week([visit('a', { needs: ['dog'] })], { people: [person('ana', { skills: ['dog'] })] }),
    [],
  ],
  [
    'back after hours',
    week([visit('a', { from: day + 7 * HOUR, by: day + 8 * HOUR })]),
    [{ code: 'outside-hours', day: 0, person: 'ana', by: 2 * HOUR + 600 - HOUR }],
  ],
  [
    'more than was agreed',
    week([visit('a')], { people: [person('ana', { most: HOUR })] }),
    [{ code: 'over-week', person: 'ana', by: 2 * HOUR + 1200 - HOUR }],
  ],
  [
    'a road that nobody has said counts for an hour, and is named',
    week([visit('a', { by: day + UNKNOWN_ROAD })], { roads: [] }),
    [
      { code: 'road-unknown', day: 0, person: 'ana', a: DEPOT, b: 'ode' },
      { code: 'road-unknown', day: 0, person: 'ana', a: 'ode', b: DEPOT },
    ],
  ],
  [
    'the same home twice needs no road between',
    week([visit('a'), visit('b', { at: 1, by: day + 4 * HOUR })]),
    [],
  ],
  ['another day is another day', week([visit('a'), visit('b', { day: 1 })]), []],
  [
    'in two places at once: the second is late',
    week([visit('a', { by: day + 600 }), visit('b', { at: 1, by: day + 600 })]),
    [{ code: 'late', visit: 'b', by: 7200 }],
  ],
];
test.each(cases)('%s', (_, problem, misfits) => {
  expect(checkWeek(problem).misfits).toEqual(misfits);
});

test('with more people than it was worked out for it lasts as with the most', () => {
  const home = { id: 'x', lasts: [100, 60], knownTo: [] };
  expect([0, 1, 2, 3].map((k) => lastsWith(home, k))).toEqual([100, 100, 60, 60]);
});

test('who knows the home is a familiar face; nobody who goes is no stranger', () => {
  const homes = [{ homeId: 'gus' }, { crew: ['ana', 'ben'] }, { crew: [] }, { crew: ['ben'] }];
  const visits = homes.map((more, k) => visit(`${k}`, more));
  expect(strangeVisits(week(visits))).toBe(2);
});

test('ways out: by who is free, what it costs more, and only what is better', () => {
  const late = week([visit('a'), visit('b', { homeId: 'gus', at: 1, ...soon })]);
  const [best, ...others] = waysOut(late, 'b');
  expect(best).toMatchObject({ instead: { who: 'ben', of: 'ana' }, fits: true });
  // Ana is back two quarters of an hour and an hour sooner, Ben is out for an hour and 40 minutes.
  expect(best!.costs).toBe(1200 + HOUR + 1200 - (900 + HOUR + 1200 - 600));
  expect(others).toEqual([]);
  expect(waysOut(week([visit('a')]), 'a')).toEqual([]);
  expect(waysOut(late, 'nothing')).toEqual([]);
  const empty = week([visit('a', { crew: [] })]);
  expect(waysOut(empty, 'a').map(({ instead }) => instead)).toEqual([
    { who: 'ana', of: null },
    { who: 'ben', of: null },
  ]);
});

test('homes in the order of the road, the nearest next', () => {
  expect(inRoadOrder(['gus', 'ode'], week([]).roads)).toEqual(['ode', 'gus']);
  expect(inRoadOrder(['b', 'a'], [])).toEqual(['a', 'b']);
});
