import { randomUUID } from 'node:crypto';
import {
  addHome,
  breaksIn,
  disinfect,
  pourChecked,
  testBed,
  type Answered,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let tap: string;
let basin: string;
let peroxide: string;
const MINUTE = 60_000;
const lime = { thing: 'tap', soil: 'limescale', material: 'chrome-plate', area: 0.05 };

beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  const made = await addHome(maren, [
    { fields: { name: 'Basin tap', ...lime } },
    { fields: { name: 'Basin' }, setting: disinfect(bed.stock['S-1'], 0.03) },
  ]);
  home = made.home;
  [tap, basin] = made.surfaces as [string, string];
});
afterAll(() => bed.close());

const codes = ({ body }: Answered) =>
  (body.reasons ?? []).map(({ code }: { code: string }) => code);
const setSeconds = (seconds: number | null) =>
  maren.call(`PUT /surfaces/${tap}/setting`, {
    goal: 'clean',
    against: 'everyday',
    use: null,
    accepted: null,
    loosening: { cleaner: null, ratio: null, seconds, lime: null },
  });
const did = (round: string, surfaceId: string, kind: string, batchId: string | null = null) =>
  tobias.did(round, { id: randomUUID(), surfaceId, kind, at: bed.context.now(), batchId });

test('chrome overnight is refused at approval, an hour is not', async () => {
  await setSeconds(28_800);
  const refused = await maren.call(`POST /homes/${home}/protocols`, {});
  expect(refused.status).toBe(409);
  expect(codes(refused)).toContain('over-longest');
  expect((await maren.call(`GET /homes/${home}`)).body.objections).toMatchObject([
    { surfaceId: tap, outcome: 'never' },
  ]);
  await setSeconds(null);
  expect((await maren.call(`POST /homes/${home}/protocols`, {})).status).toBe(200);
  const { objections, changedSinceApproval } = (await maren.call(`GET /homes/${home}`)).body;
  expect([objections, changedSinceApproval]).toEqual([[], false]);
  peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
});

test('a bag is left on too long: told while it hangs, recorded as over, and said in the report', async () => {
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  expect(codes(await did(round, tap, 'washed'))).toEqual(['loosen-first']);
  expect((await did(round, tap, 'laid')).status).toBe(200);
  expect((await maren.call('GET /wet-now')).body).toMatchObject([
    { surfaceId: tap, wet: null, lying: { cleaner: 'vinegar', least: 1800, most: 3600 } },
  ]);
  await did(round, basin, 'washed');
  expect(codes(await did(round, basin, 'applied', peroxide))).toEqual(['lies-near']);
  expect((await tobias.call(`POST /rounds/${round}/finish`, {})).status).toBe(409);
  bed.pass(64 * MINUTE);
  expect((await did(round, tap, 'taken-off')).status).toBe(200);
  expect((await maren.call('GET /wet-now')).body).toEqual([]);
  const [row] = (await maren.call('GET /records?kind=lay-time')).body.rows;
  expect(row.body).toMatchObject({
    surfaceName: 'Basin tap',
    cleaner: 'vinegar',
    mostSeconds: 3600,
    longestSeconds: 3840,
    outcome: 'too-long',
  });
  expect((await maren.call('GET /records.csv?kind=lay-time')).body).toContain('left too long');
  await did(round, tap, 'washed');
  expect((await did(round, basin, 'applied', peroxide)).status).toBe(200);
  bed.pass(11 * MINUTE);
  await did(round, basin, 'wiped');
  expect((await tobias.call(`POST /rounds/${round}/finish`, {})).status).toBe(200);
  const [end] = (await maren.call('GET /records?kind=round-finished')).body.rows;
  expect(end.body.named).toContainEqual({
    roomName: 'Bathroom',
    surfaceName: 'Basin tap',
    came: 'left-too-long',
  });
  expect(await breaksIn(bed.context)).toEqual([]);
});

test('where there is nothing to loosen it is said, and the wash comes next', async () => {
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  expect((await did(round, tap, 'nothing-on-it')).status).toBe(200);
  expect((await did(round, tap, 'washed')).status).toBe(200);
  expect(codes(await did(round, tap, 'taken-off'))).toEqual(['not-lying']);
});

test('what is no job of this tool is no surface, and who is to be asked is said', async () => {
  const { id } = (await maren.call(`GET /homes/${home}`)).body.rooms[0];
  const surface = {
    name: 'Dentures in a glass',
    material: 'glass',
    level: 'hand',
    area: 0.1,
    touched: 'often',
    food: false,
  };
  const refused = await maren.call(`POST /rooms/${id}/surfaces`, surface);
  expect([refused.status, codes(refused)]).toEqual([409, ['not-a-job']]);
  expect(refused.body.detail).toContain('Ask its maker.');
});
