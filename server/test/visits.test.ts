import { randomUUID } from 'node:crypto';
import type { RoomSetting, RoundAhead, VisitPlanRow } from '@zymostat/contract';
import { planner, visitProblem, type PlanStep } from '@zymostat/core';
import ICAL from 'ical.js';
import { extractText, getDocumentProxy } from 'unpdf';
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

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let team: { id: string; name: string }[];
let ahead: RoundAhead;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  const floor = { name: 'Floor', material: 'ceramic-glazed', level: 'floor', area: 3 };
  ({ home } = await addHome(maren, [
    { setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'WC seat', level: 'toilet' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Shelf', level: 'eye' }, setting: clean(bed.stock['S-3'], 0.05) },
    { fields: floor },
  ]));
  await maren.call(`POST /homes/${home}/protocols`, {});
  team = (await maren.call('GET /visit-team')).body;
  ahead = (await tobias.call(`GET /round-homes/${home}`)).body;
});
afterAll(() => bed.close());

const DAY = 14_400;
const idOf = (name: string) => team.find((one) => one.name === name)!.id;
const settingOf = (...names: string[]) => ({
  team: names.map((name) => ({ id: idOf(name), from: 0, to: DAY })),
  rooms,
});
const rooms: RoomSetting = { walk: 20, ways: {}, hours: {} };
const planned = (names: string[]) => {
  const setting = settingOf(...names);
  const { holds, took, version } = ahead;
  const { team } = setting;
  const problem = visitProblem({ ...rooms, rooms: version.protocol.rooms, holds, took, team });
  const planning = planner(problem, { seed: 1 });
  planning.run({ iterations: 500, goOn: () => true });
  const plan = planning.plan();
  if (plan.outcome !== 'plan') throw new Error(plan.outcome);
  return { ...setting, steps: plan.steps, done: plan.done };
};
const give = (names: string[], more: object = {}): Promise<Answered> => {
  const { done: _, ...plan } = planned(names);
  const body = { id: randomUUID(), versionId: ahead.version.id, startsAt: 1_769_500_000_000 };
  return maren.call(`POST /homes/${home}/visits`, { ...body, ...plan, ...more });
};
const given = async (): Promise<VisitPlanRow> =>
  (await tobias.call(`GET /homes/${home}/visit`)).body;

test('before any was given there is none', async () => {
  expect(await given()).toBeNull();
  expect((await tobias.call(`GET /homes/${home}/visit.ics`)).status).toBe(404);
});

test('a plan is given, and is what the phones read', async () => {
  const answer = await give(['maren', 'tobias']);
  expect(answer.status).toBe(200);
  const plan = planned(['maren', 'tobias']);
  expect(await given()).toMatchObject({ done: plan.done, sequence: 0, givenBy: 'maren' });
  expect((await given()).people.map(({ name }) => name)).toEqual(['maren', 'tobias']);
  const { rows } = (await maren.call('GET /records?kind=visit')).body;
  expect(rows[0].body).toMatchObject({ people: ['maren', 'tobias'], done: plan.done });
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('given again it counts on, and what was given stays on record', async () => {
  await give(['tobias']);
  expect(await given()).toMatchObject({ sequence: 1, people: [{ name: 'tobias' }] });
  expect((await maren.call('GET /records?kind=visit')).body.rows).toHaveLength(2);
});

/** Moves the basin’s step of a kind. */
const moved = (kind: PlanStep['kind'], by: number) => {
  const { steps } = planned(['tobias']);
  const basin = ahead.version.protocol.rooms[0]!.surfaces.find(({ name }) => name === 'Basin')!;
  const at = steps.findIndex((step) => step.kind === kind && step.treatment === basin.id);
  return steps.map((step, k) =>
    k === at ? { ...step, start: step.start + by, end: step.end + by } : step,
  );
};

test.each([
  ['wiped too early', () => moved('wipe', -30), /too early\. It has not been wet long enough/],
  ['a step left out', () => planned(['tobias']).steps.slice(1), /a step is left out/],
  [
    'a wet time made shorter by what is sent',
    () => planned(['tobias']).steps.filter(({ kind }) => kind !== 'wipe'),
    /a step is left out/,
  ],
])('%s is refused with the rule in words', async (_, steps, says) => {
  const before = await given();
  const answer = await give(['tobias'], { steps: steps() });
  expect([answer.status, answer.body.type]).toEqual([409, '/problems/conflict']);
  expect(answer.body.detail).toMatch(says);
  expect((await given()).id).toBe(before.id);
});

test('it speaks Spanish to who asks in Spanish', async () => {
  const { done: _, ...plan } = planned(['tobias']);
  const body = { id: randomUUID(), versionId: ahead.version.id, startsAt: 1, ...plan };
  const answer = await maren.call(
    `POST /homes/${home}/visits`,
    { ...body, steps: moved('wipe', -30) },
    { 'accept-language': 'es' },
  );
  expect(answer.body.detail).toMatch(/Basin: se limpia .* demasiado pronto/);
});

test('how the rooms were set is kept with it, for the next visit to begin from', async () => {
  const [room] = ahead.version.protocol.rooms;
  const set = { walk: 25, ways: {}, hours: { [room!.id]: [[0, DAY]] } };
  expect((await give(['tobias'], { rooms: set })).status).toBe(200);
  expect((await given()).setting).toEqual(set);
});

test('the hours of a room hold for whoever gives a plan, not only on the page', async () => {
  const [room] = ahead.version.protocol.rooms;
  const shut = { ...rooms, hours: { [room!.id]: [[0, 60]] } };
  const answer = await give(['tobias'], { rooms: shut });
  expect(answer.status).toBe(409);
  expect(answer.body.detail).toMatch(/Bath|Basin|Mirror|WC seat|Shelf|Floor/);
});

test('a room that is come into by way of itself is refused', async () => {
  const [a, b] = [randomUUID(), randomUUID()];
  const ways = { [a]: { by: b, seconds: 30 }, [b]: { by: a, seconds: 30 } };
  const answer = await give(['tobias'], { rooms: { ...rooms, ways } });
  expect(answer.status).toBe(400);
  expect(JSON.stringify(answer.body)).toContain('leads in a circle');
});

test.each([
  [
    'a way longer than half an hour',
    { ways: { [randomUUID()]: { by: randomUUID(), seconds: 1801 } } },
  ],
  ['a way without seconds', { ways: { [randomUUID()]: { by: randomUUID() } } }],
  ['rooms without ways', { ways: undefined }],
  ['walking backwards', { walk: -1 }],
])('%s is refused', async (_, more) => {
  expect((await give(['tobias'], { rooms: { ...rooms, ...more } })).status).toBe(400);
});

test('nobody is sent who does not work here, and a cleaner gives no plan', async () => {
  const stranger = { team: [{ id: randomUUID(), from: 0, to: DAY }] };
  expect((await give(['tobias'], stranger)).status).toBe(409);
  const { done: _, ...plan } = planned(['tobias']);
  const body = { id: randomUUID(), versionId: ahead.version.id, startsAt: 1, ...plan };
  expect((await tobias.call(`POST /homes/${home}/visits`, body)).status).toBe(403);
});

test('the same plan sent twice is given once', async () => {
  const id = randomUUID();
  const [first, again] = [await give(['tobias'], { id }), await give(['tobias'], { id })];
  expect([first.status, again.status]).toEqual([200, 200]);
  expect(again.body.sequence).toBe(first.body.sequence);
});

const fileOf = async (path: string): Promise<Buffer> => {
  const answer = await fetch(`${bed.base}/api${path}`, { headers: { cookie: tobias.cookie } });
  return Buffer.from(await answer.arrayBuffer());
};

test('the calendar keeps its UID while its sequence grows', async () => {
  const read = async () => {
    const text = (await fileOf(`/homes/${home}/visit.ics`)).toString();
    const event = new ICAL.Component(ICAL.parse(text) as unknown[]).getFirstSubcomponent('vevent')!;
    return new ICAL.Event(event);
  };
  const before = await read();
  await give(['maren', 'tobias']);
  const after = await read();
  expect(after.uid).toBe(before.uid);
  expect(after.sequence).toBe(before.sequence + 1);
  const plan = await given();
  expect(after.startDate.toJSDate().getTime()).toBe(plan.startsAt);
  expect(after.endDate.toJSDate().getTime()).toBe(plan.startsAt + plan.done * 1000);
  expect(after.summary).toContain('Hedda');
});

test('the run sheet has every step of one person on one page', async () => {
  const plan = await given();
  const bytes = await fileOf(`/homes/${home}/visit-sheet.pdf?person=${idOf('tobias')}`);
  const pdf = await getDocumentProxy(new Uint8Array(bytes));
  const { text } = await extractText(pdf, { mergePages: true });
  expect(pdf.numPages).toBe(1);
  expect(text).toContain('tobias: Hedda');
  const own = plan.steps.filter(({ cleaner }) => cleaner === idOf('tobias'));
  expect(own.length).toBeGreaterThan(0);
  expect(text.match(/\d\d:\d\d:\d\d/g)!.length).toBeGreaterThanOrEqual(own.length);
});

test('after a new approval a plan by the old version is refused', async () => {
  const { body } = await maren.call(`GET /homes/${home}`);
  const [surface] = body.rooms[0].surfaces;
  await maren.call(`PUT /surfaces/${surface.id}/setting`, clean(bed.stock['S-3'], 0.05));
  await maren.call(`POST /homes/${home}/protocols`, {});
  const answer = await give(['tobias']);
  expect(answer.body.detail).toMatch(/version 2 was approved/);
});
