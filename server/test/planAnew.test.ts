import { randomUUID } from 'node:crypto';
import type { Answer, RoundAhead } from '@zymostat/contract';
import { planner, visitProblem } from '@zymostat/core';
import { addHome, breaksIn, clean, disinfect, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let ahead: RoundAhead;
let ids: Record<string, string>;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  ({ home } = await addHome(maren, [
    { setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'WC seat', level: 'toilet' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Shelf', level: 'eye' }, setting: clean(bed.stock['S-3'], 0.05) },
  ]));
  await maren.call(`POST /homes/${home}/protocols`, {});
  const team: { id: string; name: string }[] = (await maren.call('GET /visit-team')).body;
  ids = Object.fromEntries(team.map(({ id, name }) => [name, id]));
  ahead = (await tobias.call(`GET /round-homes/${home}`)).body;
});
afterAll(() => bed.close());

const give = async (...names: string[]) => {
  const team = names.map((name) => ({ id: ids[name]!, from: 0, to: 14_400 }));
  const rooms = { walk: 20, ways: {}, hours: {} };
  const { holds, took, version } = ahead;
  const planning = planner(
    visitProblem({ ...rooms, rooms: version.protocol.rooms, holds, took, team }),
    { seed: 1 },
  );
  planning.run({ iterations: 300, goOn: () => true });
  const plan = planning.plan();
  if (plan.outcome !== 'plan') throw new Error(plan.outcome);
  const body = { id: randomUUID(), versionId: ahead.version.id, startsAt: 1_769_500_000_000 };
  return maren.call(`POST /homes/${home}/visits`, { ...body, team, rooms, steps: plan.steps });
};

/** What was given for the home, before any round. */
const given = async (): Promise<{ id: string }> =>
  (await maren.call(`GET /homes/${home}/visit`)).body;

/** A round that tobias has begun so many seconds ago. */
const begun = async (secondsAgo: number): Promise<string> => {
  const id = randomUUID();
  const at = Date.now() - secondsAgo * 1000;
  const round = { id, homeId: home, begun: { versionId: ahead.version.id, at } };
  expect((await tobias.call('POST /rounds', round)).status).toBe(200);
  return id;
};
const finish = (round: string) => tobias.call(`POST /rounds/${round}/finish`, {});
const planOf = async (round: string): Promise<Answer<'roundPlan'>> =>
  (await tobias.call(`GET /rounds/${round}/plan`)).body;
const anew = (by: Caller, round: string, here: string[], id: string = randomUUID()) =>
  by.call(`POST /rounds/${round}/plan`, { id, here });

describe('a round that is late', () => {
  let round: string;
  beforeAll(async () => {
    await give('maren', 'tobias');
    round = await begun(900);
  });
  afterAll(() => finish(round));

  test('goes by the plan as it was given', async () => {
    const { plan, people } = await planOf(round);
    expect(plan).toMatchObject({ roundId: null, people: [{ name: 'maren' }, { name: 'tobias' }] });
    expect(people).toEqual([{ id: ids.tobias, name: 'tobias' }]);
  });

  test('is planned anew from now for who is there, soon, and said on record', async () => {
    const from = performance.now();
    const answer = await anew(tobias, round, [ids.tobias!]);
    expect([answer.status, performance.now() - from < 2500]).toEqual([200, true]);
    const { plan } = await planOf(round);
    expect(plan).toMatchObject({ roundId: round, givenBy: 'tobias', people: [{ name: 'tobias' }] });
    expect(Math.min(...plan!.steps.map(({ start }) => start))).toBeGreaterThanOrEqual(890);
    expect(new Set(plan!.steps.map(({ cleaner }) => cleaner))).toEqual(new Set([ids.tobias]));
    const { rows } = (await maren.call('GET /records?kind=visit')).body;
    expect(rows[0].body).toMatchObject({ roundId: round, people: ['tobias'], sequence: 1 });
    expect(await breaksIn(bed.context)).toEqual([]);
  });

  test('the home’s own plan stays as it was given', async () => {
    const given = (await maren.call(`GET /homes/${home}/visit`)).body;
    expect(given).toMatchObject({ roundId: null, sequence: 0 });
  });

  test('what was done is not planned again', async () => {
    const basin = ahead.version.protocol.rooms[0]!.surfaces.find(({ name }) => name === 'Basin')!;
    const at = Date.now();
    const clock = { opening: 'one', uncertain: 0 };
    const told = { surfaceId: basin.id, kind: 'skipped', why: 'in-use', batchId: null, clock };
    const sent = { id: randomUUID(), personId: ids.tobias, at, said: at, ...told };
    expect((await tobias.call(`POST /rounds/${round}/events`, sent)).status).toBe(200);
    await anew(tobias, round, [ids.tobias!]);
    const { plan } = await planOf(round);
    expect(plan!.steps.map(({ treatment }) => treatment)).not.toContain(basin.id);
    expect(plan!.steps.length).toBeGreaterThan(0);
  });

  test('sent twice it is planned once', async () => {
    const id = randomUUID();
    const [one, other] = [
      await anew(tobias, round, [ids.tobias!], id),
      await anew(tobias, round, [ids.tobias!], id),
    ];
    expect(other.body).toEqual(one.body);
  });

  test.each<[string, () => Promise<{ status: number }>, number]>([
    ['who looks on', () => anew(maren, round, [ids.tobias!]), 409],
    ['for somebody who is not there', () => anew(tobias, round, [ids.maren!]), 409],
    ['for nobody', () => anew(tobias, round, []), 400],
    ['for somebody twice', () => anew(tobias, round, [ids.tobias!, ids.tobias!]), 400],
    [
      'by the id of the home’s own plan',
      async () => anew(tobias, round, [ids.tobias!], (await given()).id),
      409,
    ],
    ['in a round that is not', () => anew(tobias, randomUUID(), [ids.tobias!]), 404],
  ])('is refused: %s', async (_, ask, status) => {
    const before = await planOf(round);
    expect((await ask()).status).toBe(status);
    expect(await planOf(round)).toEqual(before);
  });
});

test('what is finished is not planned', async () => {
  const round = await begun(5);
  await finish(round);
  const answer = await anew(tobias, round, [ids.tobias!]);
  expect([answer.status, answer.body.detail]).toEqual([409, 'This round is finished.']);
});

test('without a plan there is none to change', async () => {
  const other = await addHome(maren, [{ fields: { name: 'Shelf' } }]);
  await maren.call(`POST /homes/${other.home}/protocols`, {});
  const id = randomUUID();
  await tobias.call('POST /rounds', { id, homeId: other.home });
  expect(await planOf(id)).toMatchObject({ plan: null, people: [{ name: 'tobias' }] });
  expect((await anew(tobias, id, [ids.tobias!])).status).toBe(404);
});
