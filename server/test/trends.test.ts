import { randomUUID } from 'node:crypto';
import {
  addHome,
  breaksIn,
  disinfect,
  pourChecked,
  testBed,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let basin: string;
let peroxide: string;
let began: number;
const MINUTE = 60_000;

/** One round in which the basin is treated as told: "applied 0, wiped 600", s. */
const round = async (done: string): Promise<string> => {
  const { id } = (await tobias.call('POST /rounds', { id: randomUUID(), homeId: home })).body;
  const start = bed.context.now();
  const did = (kind: string, at: number) =>
    tobias.did(id, {
      id: randomUUID(),
      surfaceId: basin,
      kind,
      at,
      batchId: ['applied', 'rewet'].includes(kind) ? peroxide : null,
    });
  await did('washed', start);
  const told = done.split(', ').map((one) => one.split(' ') as [string, string]);
  for (const [kind, at] of told) {
    const when = start + Number(at) * 1000;
    bed.pass(Math.max(0, when - bed.context.now()));
    expect((await did(kind, when)).body.taken).toBe('now');
  }
  await tobias.call(`POST /rounds/${id}/finish`, {});
  bed.pass(MINUTE);
  return id;
};

beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  began = bed.context.now();
  const made = await addHome(maren, [
    { fields: { name: 'Basin', area: 0.3 }, setting: disinfect(bed.stock['S-1'], 0.03) },
  ]);
  home = made.home;
  [basin] = made.surfaces as [string];
  await maren.call(`POST /homes/${home}/protocols`, {});
  peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
});
afterAll(() => bed.close());

const trends = async () =>
  (await maren.call(`GET /trends?from=${began}&to=${bed.context.now() + 1}`)).body;
const drying = async () => (await maren.call(`GET /homes/${home}/drying`)).body;

test('wet times are counted by what came of them, and what was taken back is not', async () => {
  await round('applied 0, wiped 605');
  await round('applied 0, wiped 300');
  const third = await round('applied 0, wiped 200');
  const { events } = (await maren.call(`GET /rounds/${third}`)).body;
  const wiped = events.find(({ kind }: { kind: string }) => kind === 'wiped');
  const counts = async () =>
    Object.fromEntries(
      (await trends()).wet.map((one: { outcome: string; count: number; heldSeconds: number }) => [
        one.outcome,
        [one.count, one.heldSeconds],
      ]),
    );
  expect(await counts()).toEqual({ met: [1, 605], 'not-met': [2, 500] });
  await maren.did(third, {
    id: randomUUID(),
    surfaceId: basin,
    kind: 'wiped',
    at: bed.context.now(),
    batchId: null,
    takesBack: wiped.id,
    because: 'It was the other basin.',
  });
  expect(await counts()).toEqual({ met: [1, 605], 'not-met': [1, 300] });
  const { wet, checks } = await trends();
  expect(wet[0]).toMatchObject({ homeName: 'Hedda', surfaceName: 'Basin', person: 'tobias' });
  expect(checks).toEqual([{ active: 'hydrogen peroxide', measured: 1, out: 0 }]);
});

test('what was seen of coats is learnt, taken over by a supervisor with a record, and followed', async () => {
  expect(await drying()).toEqual([]);
  const ahead = async () =>
    (await tobias.call(`GET /round-homes/${home}`)).body.holds[basin] as number;
  const before = await ahead();
  // It dries in a third of the time, again and again.
  for (let i = 0; i < 4; i += 1) {
    const dry = Math.round(before / 3);
    await round(`applied 0, found-dry ${dry}, applied ${dry + 5}, wiped ${dry + 900}`);
  }
  const [learnt] = await drying();
  expect(learnt).toMatchObject({ application: 'spray', observations: 4, rounds: 4, taken: 1 });
  expect(learnt.factor).toBeGreaterThan(1.5);
  expect(learnt.low).toBeLessThan(learnt.factor);
  expect(learnt.high).toBeGreaterThan(learnt.factor);
  expect(await ahead()).toBe(before);

  const room = (await maren.call(`GET /homes/${home}`)).body.rooms[0].id;
  const take = { application: 'spray' };
  expect((await tobias.call(`PUT /rooms/${room}/drying`, take)).status).toBe(403);
  expect((await maren.call(`PUT /rooms/${room}/drying`, { application: 'wipe' })).status).toBe(409);
  expect((await maren.call(`PUT /rooms/${room}/drying`, take)).status).toBe(200);
  const [fact] = (await maren.call('GET /records?kind=drying-taken')).body.rows;
  expect(fact).toMatchObject({
    person: 'maren',
    body: { application: 'spray', before: 1, factor: learnt.factor, rounds: 4 },
  });
  // What is expected of a coat follows; what is required does not.
  expect(await ahead()).toBeLessThan(before / 1.4);
  expect(((await ahead()) * learnt.factor) / before).toBeCloseTo(1, 2);
  const surface = (await maren.call(`GET /homes/${home}`)).body.rooms[0].surfaces[0];
  expect(surface.setting.goal).toBe('disinfect');
  const { version } = (await tobias.call(`GET /round-homes/${home}`)).body;
  expect(version.protocol.rooms[0].surfaces[0].treatment.seconds).toBe(600);
  // Learnt anew it is the same: what was taken over is not learnt twice.
  const [again] = await drying();
  expect(again.factor).toBeCloseTo(learnt.factor, 6);
  expect(again.taken).toBe(learnt.factor);
  expect(await breaksIn(bed.context)).toEqual([]);
});
