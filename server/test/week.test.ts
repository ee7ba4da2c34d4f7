import { randomUUID } from 'node:crypto';
import type { Week, WeekVisitRow } from '@zymostat/contract';
import ICAL from 'ical.js';
import {
  addHome,
  breaksIn,
  clean,
  disinfect,
  testBed,
  type Answered,
  type Bed,
  type Caller,
} from './support.ts';

const MONDAY = '2026-01-26';
const HOUR = 3600;
let bed: Bed;
let maren: Caller;
let tobias: Caller;
let homes: string[];
let ids: Record<string, string>;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  homes = [];
  for (const more of [{ fields: { name: 'WC seat', level: 'toilet' } }, {}]) {
    const { home } = await addHome(maren, [
      { setting: disinfect(bed.stock['S-1'], 0.03) },
      { ...more, setting: clean(bed.stock['S-3'], 0.05) },
    ]);
    await maren.call(`POST /homes/${home}/protocols`, {});
    homes.push(home);
  }
  const team: { id: string; name: string }[] = (await maren.call('GET /visit-team')).body;
  ids = Object.fromEntries(team.map(({ id, name }) => [name, id]));
});
afterAll(() => bed.close());

const weekOf = async (monday = MONDAY): Promise<Week> =>
  (await maren.call(`GET /weeks/${monday}`)).body;
const visit = (more: Partial<WeekVisitRow> = {}): WeekVisitRow => ({
  id: randomUUID(),
  homeId: homes[0]!,
  day: 1,
  from: 9 * HOUR,
  by: 12 * HOUR,
  people: 1,
  needs: [],
  crew: [ids.tobias!],
  at: 0,
  held: false,
  ...more,
});
const plan = (visits: object[], seen: number, monday = MONDAY): Promise<Answered> =>
  maren.call(`PUT /weeks/${monday}`, { visits }, { 'if-match': `"${seen}"` });

test('a week that nobody has planned is empty, with homes as they were approved', async () => {
  const week = await weekOf();
  expect(week).toMatchObject({ revision: 0, visits: [], roads: [] });
  expect(week.homes.map(({ id }) => id).sort()).toEqual([...homes].sort());
  for (const { lasts, load } of week.homes) {
    expect(lasts).toHaveLength(4);
    expect([...lasts].sort((a, b) => b - a)).toEqual(lasts);
    expect(lasts.at(-1)!).toBeGreaterThanOrEqual(600);
    expect(load.amounts.map(({ strength }) => strength)).toEqual([0.03, 0.05]);
  }
  expect(week.people.find(({ name }) => name === 'tobias')).toMatchObject({
    said: false,
    signed: false,
    most: 40 * HOUR,
  });
});

describe('a week that is planned', () => {
  const both = () => [
    visit(),
    visit({ homeId: homes[1]!, at: 1, crew: [ids.tobias!, ids.maren!], people: 2, by: 15 * HOUR }),
  ];

  test('is kept, counted and said on record', async () => {
    expect((await plan(both(), 0)).status).toBe(200);
    const week = await weekOf();
    expect([week.revision, week.visits.length]).toEqual([1, 2]);
    const { rows } = (await maren.call('GET /records?kind=week-planned')).body;
    expect(rows[0].body).toMatchObject({ monday: MONDAY, revision: 1 });
    expect(rows[0].body.visits).toHaveLength(2);
    expect(await breaksIn(bed.context)).toEqual([]);
    expect((await weekOf('2026-02-02')).visits).toEqual([]);
  });

  test('whoever changes what they have not seen is told so, and nothing is lost', async () => {
    const { revision } = await weekOf();
    await plan([visit()], revision);
    const late = await plan([], revision);
    expect([late.status, (await weekOf()).visits.length]).toEqual([409, 1]);
    await plan(both(), revision + 1);
  });

  test('everybody reads where they go themselves, and with whom', async () => {
    const own = (await tobias.call(`GET /weeks/${MONDAY}/own`)).body;
    expect(own).toMatchObject([
      { day: 1, homeName: 'Hedda', with: [] },
      { day: 1, homeName: 'Hedda', with: ['maren'] },
    ]);
    expect(own[1].start).toBeGreaterThanOrEqual(own[0].end);
    expect((await maren.call(`GET /weeks/${MONDAY}/own`)).body).toHaveLength(1);
  });

  const calendarOf = async (by: Caller, person: string) => {
    const path = `${bed.base}/api/weeks/${MONDAY}/week.ics?person=${person}`;
    const answer = await fetch(path, { headers: { cookie: by.cookie } });
    return { status: answer.status, text: await answer.text() };
  };

  test('a person’s calendar is read by another program, keeps its UIDs and counts on', async () => {
    const read = async () => {
      const { text } = await calendarOf(tobias, ids.tobias!);
      return new ICAL.Component(ICAL.parse(text) as unknown[])
        .getAllSubcomponents('vevent')
        .map((one) => new ICAL.Event(one));
    };
    const before = await read();
    expect(before).toHaveLength(2);
    // Floating time: nine o’clock where the company is, whatever the calendar’s zone.
    expect(before[0]!.startDate.toString()).toMatch(/^2026-01-27T\d\d:\d\d:\d\d$/);
    expect(before[0]!.startDate.hour).toBeGreaterThanOrEqual(9);
    const { revision, visits } = await weekOf();
    await plan(
      visits.map((one) => ({ ...one, from: one.from + HOUR })),
      revision,
    );
    const after = await read();
    expect(after.map(({ uid }) => uid)).toEqual(before.map(({ uid }) => uid));
    expect(after[0]!.sequence).toBeGreaterThan(before[0]!.sequence);
    expect(after[0]!.startDate.hour).toBeGreaterThan(before[0]!.startDate.hour);
  });

  test('a cleaner reads nobody else’s calendar, and plans nothing', async () => {
    expect((await calendarOf(tobias, ids.maren!)).status).toBe(403);
    expect((await calendarOf(maren, ids.tobias!)).status).toBe(200);
    expect((await tobias.call(`GET /weeks/${MONDAY}`)).status).toBe(403);
  });

  test.each<[string, () => Promise<Answered>, number, RegExp]>([
    ['a home that is not there', () => plan([visit({ homeId: randomUUID() })], 99), 404, /home/],
    ['somebody who is not here', () => plan([visit({ crew: [randomUUID()] })], 99), 409, /team/],
    [
      'twice the same',
      () =>
        plan(
          [visit(), visit()].map((one) => ({ ...one, id: ids.tobias })),
          99,
        ),
      409,
      /belongs/,
    ],
    ['somebody twice', () => plan([visit({ crew: [ids.maren!, ids.maren!] })], 99), 400, /twice/],
    ['a window that ends before', () => plan([visit({ by: 0 })], 99), 400, /before the first/],
    ['a day that is none', () => plan([visit({ day: 7 })], 99), 400, /day/],
    ['five people', () => plan([visit({ people: 5 })], 99), 400, /people/],
    ['a Tuesday', () => plan([visit()], 99, '2026-01-27'), 400, /Monday/],
    ['no day at all', () => plan([visit()], 99, 'next'), 400, /2026-01-31/],
  ])('is refused: %s', async (_, ask, status, says) => {
    const before = await weekOf();
    const answer = await ask();
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).toMatch(says);
    expect(await weekOf()).toEqual(before);
  });
});

describe('hours', () => {
  const hours = {
    hours: [[7 * HOUR, 13 * HOUR], null, null, [8 * HOUR, 12 * HOUR], null, null, null],
    most: 20 * HOUR,
    skills: ['dogs'],
  };
  const set = (body: object, seen: number, person = ids.tobias!) =>
    maren.call(`PUT /people/${person}/hours`, body, { 'if-match': `"${seen}"` });

  test('are kept, and said on record', async () => {
    expect((await set(hours, 0)).status).toBe(200);
    const tobiasThen = (await weekOf()).people.find(({ name }) => name === 'tobias');
    expect(tobiasThen).toMatchObject({ ...hours, said: true, revision: 1 });
    const { rows } = (await maren.call('GET /records?kind=hours-said')).body;
    expect(rows[0]).toMatchObject({ subject: 'tobias', body: { most: 20 * HOUR } });
  });

  test.each<[string, () => Promise<Answered>, number]>([
    ['not seen since', () => set(hours, 0), 409],
    ['six days', () => set({ ...hours, hours: hours.hours.slice(1) }, 1), 400],
    ['ends before it begins', () => set({ ...hours, hours: hours.hours.with(0, [9, 8]) }, 1), 400],
    ['nobody', () => set(hours, 0, randomUUID()), 404],
  ])('are refused: %s', async (_, ask, status) => {
    expect((await ask()).status).toBe(status);
  });
});

describe('roads', () => {
  const road = (seconds: number, before: number | null, more: object = {}) =>
    maren.call('PUT /roads', { roads: [{ a: 'depot', b: homes[0], seconds, before, ...more }] });

  test('are either way one road, and change only as they were seen', async () => {
    expect((await road(600, null)).status).toBe(200);
    expect((await road(900, null)).status).toBe(409);
    const back = { a: homes[0], b: 'depot', seconds: 900, before: 600 };
    expect((await maren.call('PUT /roads', { roads: [back] })).status).toBe(200);
    expect((await weekOf()).roads).toMatchObject([{ seconds: 900 }]);
    expect((await maren.call('GET /records?kind=roads-said')).body.rows).toHaveLength(2);
  });

  test.each<[string, () => Promise<Answered>, number]>([
    ['to itself', () => road(5, null, { b: 'depot' }), 409],
    ['to nowhere', () => road(5, null, { b: randomUUID() }), 404],
    ['of five hours', () => road(18_000, 900), 400],
    ['none', () => maren.call('PUT /roads', { roads: [] }), 400],
  ])('are refused: %s', async (_, ask, status) => {
    expect((await ask()).status).toBe(status);
  });
});

test('who has worked in a home is known there; who signed the book counts as signed', async () => {
  const id = randomUUID();
  await tobias.call('POST /rounds', { id, homeId: homes[0] });
  const book = (await tobias.call('GET /book')).body;
  await tobias.call('POST /book/read', { edition: book.edition });
  const week = await weekOf();
  expect(week.homes.find((one) => one.id === homes[0])!.knownTo).toEqual([ids.tobias]);
  expect(week.people.filter(({ signed }) => signed).map(({ name }) => name)).toEqual(['tobias']);
});
