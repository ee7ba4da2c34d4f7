import type { PlanStep, TreatedRoom, TreatedSurface, VisitProblem } from '@zymostat/core';
import { walkOf } from '../src/features/visits/visitSettings.ts';
import { chartRows, laneOf, marksOf, wetSpans } from '../src/features/visits/chartRows.ts';

const surface = (id: string, wet: number | null): TreatedSurface => ({
  id,
  name: id.toUpperCase(),
  material: 'porcelain',
  level: 'hand',
  area: 1,
  food: false,
  goal: 'disinfect',
  against: 'everyday',
  accepted: null,
  treatment:
    wet === null
      ? null
      : {
          stockId: 's',
          active: 'hydrogen peroxide',
          strength: 0.03,
          seconds: wet,
          application: 'spray',
        },
  steps: [],
  loosening: null,
  reasons: [],
});
const rooms: TreatedRoom[] = [
  { id: 'bath', name: 'Bath', surfaces: [surface('basin', 600), surface('mirror', null)] },
  { id: 'empty', name: 'Empty', surfaces: [] },
  { id: 'hall', name: 'Hall', surfaces: [surface('door', 120)] },
];
const step = (treatment: string, kind: PlanStep['kind'], start: number, end: number): PlanStep => ({
  treatment,
  step: 0,
  kind,
  cleaner: 'a',
  start,
  end,
});
const steps = [
  step('basin', 'apply', 0, 30),
  step('basin', 'rewet', 200, 220),
  step('basin', 'wipe', 700, 720),
  step('door', 'apply', 300, 310),
];
const problem: VisitProblem = {
  format: 'zymostat.visit-problem/1',
  cleaners: [{ id: 'a', from: 0, to: 9000 }],
  rooms: [],
  treatments: [
    {
      id: 'basin',
      room: 'bath',
      steps: [
        { kind: 'apply', work: 30 },
        { kind: 'hold', wet: 600, rewetEvery: 240, rewetWork: 20 },
        { kind: 'wipe', work: 20 },
      ],
    },
    {
      id: 'door',
      room: 'hall',
      steps: [
        { kind: 'apply', work: 10 },
        { kind: 'hold', wet: 120 },
      ],
    },
  ],
  before: [],
  apart: [],
  closes: [],
};

describe('the rows of a visit’s chart', () => {
  test('every surface is one, the first of its room names it, an empty room is none', () => {
    const rows = chartRows(rooms, steps, new Set());
    expect(rows.map(({ name, first }) => [name, first])).toEqual([
      ['BASIN', true],
      ['MIRROR', false],
      ['DOOR', true],
    ]);
    expect(rows[0]).toMatchObject({ family: 'peroxide', strength: 0.03, wet: 600, rewets: 1 });
    expect(rows[1]).toMatchObject({ family: undefined, strength: undefined, wet: 0 });
  });

  test('a folded room is one row for all that is in it', () => {
    const [bath, ...rest] = chartRows(rooms, steps, new Set(['bath']));
    expect(bath).toMatchObject({ name: undefined, roomName: 'Bath', rewets: 1 });
    expect(bath!.treatments).toEqual(expect.arrayContaining(['basin', 'mirror']));
    expect(rest.map(({ name }) => name)).toEqual(['DOOR']);
  });

  test('a band goes to the wipe, or to the met time where it air-dries', () => {
    const [basin, mirror, door] = chartRows(rooms, steps, new Set());
    const spans = (row: typeof basin) => wetSpans(row!, problem, steps, () => 'peroxide');
    expect(spans(basin)).toEqual([{ family: 'peroxide', from: 30, met: 630, to: 700 }]);
    expect(spans(mirror)).toEqual([]);
    expect(spans(door)).toEqual([{ family: 'peroxide', from: 310, met: 430, to: 430 }]);
  });
});

test('a lane counts hands-on time apart from walking and waiting', () => {
  expect(laneOf(steps, 'a')).toEqual({ works: 80, rest: 640 });
  expect(laneOf(steps, 'nobody')).toEqual({ works: 0, rest: 0 });
});

test.each([
  [300, 60],
  [1800, 300],
  [4500, 600],
  [28_800, 3600],
])('an axis of %i s has a mark every %i s, at most nine', (axis, every) => {
  const marks = marksOf(axis);
  expect(marks[1]! - marks[0]!).toBe(every);
  expect(marks.length).toBeLessThanOrEqual(9);
  expect(marks.at(-1)!).toBeLessThanOrEqual(axis);
});

test.each([
  ['20', 20],
  [' 0 ', 0],
  ['1800', 1800],
  ['1801', undefined],
  ['', undefined],
  ['-1', undefined],
  ['2.5', undefined],
  ['far', undefined],
])('“%s” from room to room', (text, seconds) => {
  expect(walkOf(text)).toBe(seconds);
});
