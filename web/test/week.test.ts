import './english.ts';
import type { Week, WeekVisitRow } from '@zymostat/contract';
import { checkWeek, DEPOT, stillHere, waysOut, type Misfit } from '@zymostat/core';
import { wordsOf } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { es } from '@zymostat/words/es';
import { braidLines } from '../src/features/week/braidLines.ts';
import { lastingIn, secondsOf, timeIn } from '../src/ui/dayTimes.ts';
import { mondayOf, momentIn, weeksLater } from '../src/ui/mondays.ts';
import { dayIn, hoursIn, hoursTyped } from '../src/features/week/typedHours.ts';
import { newVisitOn, visitIn, visitTyped } from '../src/features/week/typedVisit.ts';
import { withWay } from '../src/features/week/withWay.ts';

const HOUR = 3600;
const hours = Array.from({ length: 7 }, (_, d): [number, number] | null =>
  d < 5 ? [8 * HOUR, 16 * HOUR] : null,
);
const person = (id: string): Week['people'][number] => ({
  id,
  name: id.toUpperCase(),
  hours,
  most: 20 * HOUR,
  skills: [],
  said: true,
  revision: 1,
  signed: true,
});
const home = (id: string): Week['homes'][number] => ({
  id,
  name: id.toUpperCase(),
  place: `${id} row`,
  lasts: [HOUR],
  knownTo: [],
  load: { amounts: [], wipes: [], cloths: { toilet: 0, bath: 0, kitchen: 0, rest: 0, glass: 0 } },
});
const visit = (id: string, more: Partial<WeekVisitRow> = {}): WeekVisitRow => ({
  id,
  homeId: 'ode',
  day: 0,
  from: 8 * HOUR,
  by: 9 * HOUR,
  people: 1,
  needs: [],
  crew: ['ana'],
  at: 0,
  held: false,
  ...more,
});
const week = (visits: WeekVisitRow[]): Week => ({
  monday: '2026-11-23',
  revision: 3,
  visits,
  people: [person('ana'), person('ben')],
  homes: [home('ode'), home('gus')],
  roads: [
    { a: DEPOT, b: 'ode', seconds: 600 },
    { a: DEPOT, b: 'gus', seconds: 1200 },
    { a: 'gus', b: 'ode', seconds: 900 },
  ],
  stocks: {},
});

describe('times as people type them', () => {
  test.each<[string, number | undefined]>([
    ['8:00', 8 * HOUR],
    ['08:05', 8 * HOUR + 300],
    ['8', 8 * HOUR],
    ['8.30', 8 * HOUR + 1800],
    [' 17:45 ', 17 * HOUR + 2700],
    ['24:00', undefined],
    ['8:60', undefined],
    ['8:3', undefined],
    ['eight', undefined],
    ['', undefined],
    ['-1:00', undefined],
  ])('%s', (text, seconds) => {
    expect(secondsOf(text)).toBe(seconds);
    if (seconds !== undefined) expect(secondsOf(timeIn(seconds))).toBe(seconds);
  });

  test('what lasts is told in hours and minutes', () => {
    expect([0, 59, 3599, 62_700].map(lastingIn)).toEqual(['0:00', '0:01', '1:00', '17:25']);
  });
});

test('a week is called by its Monday, across months and the change of the clock', () => {
  const at = (day: string) => new Date(`${day}T12:00`).getTime();
  expect(mondayOf(at('2026-11-29'))).toBe('2026-11-23');
  expect(mondayOf(at('2026-11-23'))).toBe('2026-11-23');
  expect(weeksLater('2026-12-28', 1)).toBe('2027-01-04');
  expect(weeksLater('2026-11-02', -1)).toBe('2026-10-26');
  const sunday = new Date(momentIn('2026-10-19', 6, 9 * HOUR));
  expect([sunday.getDay(), sunday.getHours()]).toEqual([0, 9]);
});

describe('hours that are typed', () => {
  const typed = hoursTyped(person('ana'));
  test('come back as they were', () => {
    expect(hoursIn(typed)).toEqual({ hours, most: 20 * HOUR, skills: [] });
  });
  test.each<[string, object, unknown]>([
    ['off', { from: '', to: '' }, null],
    ['half a day', { from: '8', to: '' }, undefined],
    ['backwards', { from: '9', to: '8' }, undefined],
    ['for no time', { from: '9', to: '9:00' }, undefined],
    ['in words', { from: 'nine', to: '12' }, undefined],
  ])('%s', (_, day, expected) => {
    expect(dayIn({ from: '', to: '', ...day })).toEqual(expected);
  });
  test.each(['', 'x', '-1', '169'])('most hours “%s” are not taken', (most) => {
    expect(hoursIn({ ...typed, most })).toBeUndefined();
  });
  test('half hours and skills are read as people write them', () => {
    expect(hoursIn({ ...typed, most: '7,5', skills: ' dogs, ladder ,' })).toMatchObject({
      most: 27_000,
      skills: ['dogs', 'ladder'],
    });
  });
});

describe('a visit that is typed', () => {
  test('comes back as it was; a new one is nobody’s', () => {
    const own = visit('a', { needs: ['dogs'] });
    expect(visitIn(visitTyped(own))).toEqual(own);
    expect(newVisitOn(2, 'ode', 4)).toMatchObject({ day: 2, at: 4, crew: [], held: false });
  });
  test.each([{ from: '' }, { by: 'noon' }, { from: '10', by: '9' }])('%o is not taken', (part) => {
    expect(visitIn({ ...visitTyped(visit('a')), ...part })).toBeUndefined();
  });
});

describe('the chart', () => {
  const own = week([visit('a'), visit('b', { homeId: 'gus', at: 1, by: 12 * HOUR })]);
  const lines = braidLines(own, checkWeek(stillHere(own)), 0);

  test('has homes in the order of the road, and working days; the chosen one is open', () => {
    expect(lines.columns.map(({ id }) => id)).toEqual(['ode', 'gus']);
    expect(lines.rows.map(({ day, open }) => [day, open])).toEqual([
      [0, true],
      [1, false],
      [2, false],
      [3, false],
      [4, false],
    ]);
    expect(lines.rows[0]!.height).toBeGreaterThan(4 * lines.rows[1]!.height);
  });

  test('a stay is as tall as it is long, one under the other, and a way has both ends', () => {
    const [thread] = lines.threads;
    const [first, second] = thread!.stays;
    const perHour = lines.openY(10 * HOUR) - lines.openY(9 * HOUR);
    expect(first!.bottom - first!.top).toBeCloseTo(perHour, 3);
    expect(second!.top - first!.bottom).toBeCloseTo(perHour / 4, 3);
    const points = thread!.points.split(' ');
    expect(points).toHaveLength(6);
    expect([points[0], points.at(-1)].map((point) => point!.split(',')[0])).toEqual([
      '92.0',
      '92.0',
    ]);
  });

  test('a Sunday that is worked is shown; with more than ten homes only those of the day', () => {
    const many = week([visit('s', { day: 6, homeId: 'h0' })]);
    many.homes = Array.from({ length: 12 }, (_, k) => home(`h${k}`));
    many.visits.push(
      ...many.homes.map(({ id }, k) => visit(`v${k}`, { homeId: id, day: 1 + (k % 2) })),
    );
    const drawn = braidLines(many, checkWeek(stillHere(many)), 1);
    expect(drawn.rows.map(({ day }) => day)).toEqual([0, 1, 2, 3, 4, 6]);
    expect(drawn.columns).toHaveLength(6);
  });
});

test('a way out changes one visit, and it stays so', () => {
  const late = week([visit('a'), visit('b', { homeId: 'gus', at: 1 })]);
  const [way] = waysOut(stillHere(late), 'b');
  expect(withWay(late.visits, way!)).toEqual([
    late.visits[0],
    { ...late.visits[1], crew: ['ben'], held: true },
  ]);
});

test('everything that may not fit has words in both languages', () => {
  const codes: Misfit['code'][] = [
    'nobody',
    'late',
    'unsigned',
    'unskilled',
    'off',
    'outside-hours',
    'over-week',
    'road-unknown',
  ];
  const figures = {
    who: 'Ana',
    by: '5 min',
    until: '9:00',
    missing: 1,
    skill: 'dogs',
    a: 'A',
    b: 'B',
  };
  for (const words of [wordsOf('en', en), wordsOf('es', es)])
    for (const code of codes)
      expect(words.tell('weekMisfit', code, figures)).toMatch(/^\p{Lu}.*\.$/u);
});
