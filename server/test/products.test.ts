import { litres } from '@zymostat/core';
import { randomUUID } from 'node:crypto';
import { addHome, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  [maren, tobias] = [await bed.as('maren'), await bed.as('tobias')];
});
afterAll(() => bed.close());

const label = {
  groups: ['quat'],
  uses: [{ goal: 'disinfect', against: ['norovirus'], seconds: 600 }],
  notOn: ['marble'],
  dilution: null,
  registration: null,
};
const fields = () => ({
  name: 'Quat spray',
  volume: litres(1),
  expiresAt: bed.context.now() + 9e8,
  pricePerLitre: 12,
  label,
});
const enter = async (more: object = {}) => maren.call('POST /products', { ...fields(), ...more });
const by = (stockId: string, against = 'norovirus') => ({
  goal: 'disinfect',
  against,
  use: { stockId, strength: 1 },
  accepted: null,
});

test('a product does what its label grants: approved, poured as sold, used without a check', async () => {
  const product = (await enter()).body;
  expect(product).toMatchObject({
    code: 'P-0001',
    active: 'registered product',
    strength: 1,
    label,
  });
  const { home, surfaces } = await addHome(maren, [
    { fields: { name: 'Basin' }, setting: by(product.id) },
  ]);
  expect((await maren.call(`POST /homes/${home}/protocols`, {})).body).toMatchObject({ number: 1 });
  const batch = (
    await tobias.call('POST /batches', {
      stockId: product.id,
      strength: 1,
      purpose: 'disinfect',
      volume: litres(0.5),
    })
  ).body;
  expect(batch).toMatchObject({ status: 'unchecked', groups: ['quat'], waterVolume: 0 });
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  const did = (kind: string, batchId: string | null = null) =>
    tobias.did(round, {
      id: randomUUID(),
      surfaceId: surfaces[0],
      kind,
      at: bed.context.now(),
      batchId,
    });
  expect((await did('washed')).status).toBe(200);
  const other = (await enter({ name: 'Another' })).body;
  const wrong = (
    await tobias.call('POST /batches', {
      stockId: other.id,
      strength: 1,
      purpose: 'disinfect',
      volume: litres(0.5),
    })
  ).body;
  expect(
    (await did('applied', wrong.id)).body.reasons.map(({ code }: { code: string }) => code),
  ).toEqual(['batch-of-other-product']);
  expect((await did('applied', batch.id)).status).toBe(200);
  const lastWetTime = async () =>
    (await maren.call('GET /records?kind=wet-time&limit=1')).body.rows[0].body;
  bed.pass(600_000);
  await did('wiped');
  // Nobody but its maker knows how it dries: without a look it is not shown.
  expect(await lastWetTime()).toMatchObject({ outcome: 'not-shown', shownSeconds: 0, met: false });
  await did('applied', batch.id);
  bed.pass(600_000);
  await did('seen-wet');
  await did('wiped');
  expect(await lastWetTime()).toMatchObject({
    active: 'registered product',
    requiredSeconds: 600,
    outcome: 'met',
    met: true,
  });
});

test.each<[string, object, string]>([
  ['another use', { setting: { against: 'respiratory' } }, 'not-on-label'],
  ['an excluded surface', { fields: { material: 'marble' } }, 'label-bars-surface'],
])('%s is refused at approval', async (_, more, code) => {
  const product = (await enter()).body;
  const { fields: surface, setting } = more as { fields?: object; setting?: object };
  const { home } = await addHome(maren, [
    { fields: { ...surface }, setting: { ...by(product.id), ...setting } },
  ]);
  const refused = await maren.call(`POST /homes/${home}/protocols`, {});
  expect(refused.status).toBe(409);
  expect(refused.body.reasons.map((reason: { code: string }) => reason.code)).toContain(code);
});

test('a changed label flags what was approved by the old one', async () => {
  const product = (await enter()).body;
  const { home } = await addHome(maren, [{ fields: { name: 'Basin' }, setting: by(product.id) }]);
  await maren.call(`POST /homes/${home}/protocols`, {});
  await maren.call(`PUT /products/${product.id}`, {
    ...fields(),
    label: { ...label, uses: [{ ...label.uses[0], seconds: 900 }] },
  });
  expect((await maren.call(`GET /homes/${home}`)).body.flags).toMatchObject([
    { surfaceName: 'Basin', why: 'longer', approved: 600, now: 900 },
  ]);
});

test('it is never thinned', async () => {
  const product = (await enter()).body;
  const { status, body } = await tobias.call('POST /batches', {
    stockId: product.id,
    strength: 0.5,
    purpose: 'clean',
    volume: litres(0.5),
  });
  expect([status, body.reasons[0].code]).toEqual([409, 'not-as-sold']);
});

test.each([
  [
    'a label with no time',
    { label: { ...label, uses: [{ goal: 'disinfect', against: ['norovirus'] }] } },
  ],
  ['a label with no use', { label: { ...label, uses: [] } }],
  ['a time of nothing', { label: { ...label, uses: [{ ...label.uses[0], seconds: 0 }] } }],
  ['a use against nothing', { label: { ...label, uses: [{ ...label.uses[0], against: [] }] } }],
  ['no group', { label: { ...label, groups: [] } }],
  ['a name of nothing', { name: ' ' }],
  ['no volume', { volume: 0 }],
])('%s is a bad request that says so', async (_, more) => {
  const { status, body } = await enter(more);
  expect(status).toBe(400);
  expect(body.fields[0].message.length).toBeGreaterThan(5);
});
test('a cleaner may not enter one', async () =>
  expect((await tobias.call('POST /products', fields())).status).toBe(403));
