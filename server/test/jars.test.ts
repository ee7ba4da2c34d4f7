import { randomUUID } from 'node:crypto';
import { alcoholDensity, massFraction } from '@zymostat/core';
import { extractText, getDocumentProxy } from 'unpdf';
import { breaksIn, pourChecked, testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let tobias: Caller;
let maren: Caller;
let alcohol: string;
let peroxide: string;
let vinegar: string;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  alcohol = await alcoholChecked(0.7);
  peroxide = await pourChecked(tobias, bed.stock['S-1'], 0.03);
  vinegar = (
    await tobias.call('POST /batches', {
      stockId: bed.stock['S-3'],
      strength: 0.05,
      purpose: 'clean',
      volume: 0.5e-3,
    })
  ).body.id;
});
afterAll(() => bed.close());

/** Half a litre of alcohol, weighed by a density meter at 20 °C and found as strong as meant. */
const alcoholChecked = async (strength: number): Promise<string> => {
  const asked = { stockId: bed.stock['S-2'], strength, purpose: 'disinfect', volume: 0.5e-3 };
  const { id } = (await tobias.call('POST /batches', asked)).body as { id: string };
  const density = alcoholDensity('2-propanol', massFraction('2-propanol', strength));
  await tobias.call(`POST /batches/${id}/check`, { by: 'density', density, temperature: 20 });
  return id;
};

const MINUTE = 60_000;
const DAY = 86_400_000;
const jarOf = (more: object = {}) => ({
  id: randomUUID(),
  cloth: { kind: 'thick-paper-towel', length: 0.2, width: 0.2, weighed: null },
  count: 50,
  batchId: alcohol,
  vessel: { kind: 'glass', volume: 1.5e-3, mouth: 0.0079 },
  seconds: 120,
  against: 'everyday',
  ventilation: 'window',
  temperature: 21,
  opened: 12,
  ...more,
});
const bathOf = (more: object = {}) => ({
  id: randomUUID(),
  thing: 'toilet-brush',
  batchId: peroxide,
  vessel: { volume: 0.4e-3, mouth: 0.01 },
  load: 0.05e-3,
  seconds: 1800,
  covered: true,
  place: 'Depot, sink',
  ventilation: 'window',
  flame: 'no',
  floorArea: 10,
  height: 2.4,
  holds: [],
  ...more,
});
const make = (more: object = {}) => tobias.call('POST /jars', jarOf(more));
const tell = (id: string, did: string, count = 0, fact = randomUUID()) =>
  tobias.call(`POST /jars/${id}/told`, { id: fact, did, count });
const codes = ({ body }: { body: { reasons?: { code: string }[] } }) =>
  body.reasons?.map(({ code }) => code) ?? [];

test('a jar is made, soaks, is used up cloth by cloth, and is on record', async () => {
  const asked = jarOf({ count: 20 });
  const { status, body: jar } = await tobias.call('POST /jars', asked);
  expect(status).toBe(200);
  expect(jar).toMatchObject({ code: 'J-001', left: 20, claim: 'disinfects', because: 'month' });
  expect(jar.pour).toBeCloseTo(168e-6, 9);
  expect((await tobias.call('POST /jars', asked)).body).toEqual(jar);
  expect(codes(await tell(jar.id, 'taken', 3))).toEqual(['jar-not-ready']);
  bed.pass(31 * MINUTE);
  expect((await tell(jar.id, 'taken', 3)).body).toMatchObject({ left: 17 });
  expect(codes(await tell(jar.id, 'taken', 18))).toEqual(['jar-short']);
  const fact = randomUUID();
  await tell(jar.id, 'taken', 2, fact);
  expect((await tell(jar.id, 'taken', 2, fact)).body).toMatchObject({ left: 15 });
  expect((await tell(jar.id, 'topped', 5)).body).toMatchObject({ left: 20 });
  expect((await tell(jar.id, 'dry')).body.endedAt).toEqual(bed.context.now());
  expect(codes(await tell(jar.id, 'taken', 1))).toEqual(['vessel-ended']);
  const { rows } = (await maren.call('GET /records?kind=jar')).body;
  expect(
    rows
      .map(({ body }: { body: { did: string; left: number } }) => [body.did, body.left])
      .reverse(),
  ).toEqual([
    ['made', 20],
    ['taken', 17],
    ['taken', 15],
    ['topped', 20],
    ['dry', 20],
  ]);
});

test('past its day a jar gives nothing more', async () => {
  const { body: jar } = await make({ count: 5 });
  bed.pass(31 * DAY);
  tobias = await bed.as('tobias');
  maren = await bed.as('maren');
  expect(codes(await tell(jar.id, 'taken', 1))).toEqual(['jar-past']);
  expect((await tell(jar.id, 'discarded')).status).toBe(200);
});

test('what the core refuses the server refuses', async () => {
  bed.pass(1000);
  const fresh = await alcoholChecked(0.7);
  const refused = async (more: object) => codes(await make({ batchId: fresh, ...more }));
  expect(await refused({ vessel: { kind: 'bleach-tub', volume: 1.5e-3, mouth: 0.01 } })).toEqual([
    'jar-held-bleach',
  ]);
  expect(await refused({ count: 400 })).toEqual(
    expect.arrayContaining(['jar-too-small', 'batch-too-small']),
  );
  expect(await refused({ batchId: peroxide, seconds: 600 })).toContain('batch-expired');
  expect((await make({ count: 0 })).status).toBe(400);
  expect((await make({ batchId: randomUUID() })).status).toBe(404);
});

test('washing wipes need no batch, keep a week, and their label says that they only clean', async () => {
  const { body: jar } = await make({ batchId: null, count: 30 });
  expect(jar).toMatchObject({ claim: 'cleans', because: 'week', keepsWet: null });
  expect(jar.awayAt - jar.madeAt).toBe(7 * DAY);
  const label = await fetch(`${bed.base}/api/jars/${jar.id}/label.pdf?size=A6`, {
    headers: { cookie: tobias.cookie },
  });
  const bytes = new Uint8Array(await label.arrayBuffer());
  const { text } = await extractText(await getDocumentProxy(bytes), { mergePages: true });
  expect(text).toContain(jar.code);
  expect(text).toContain('Washing wipes');
  expect(text).toContain('They disinfect nothing.');
});

test('a brush lies in peroxide for half an hour: shorter claims nothing, and both are on record', async () => {
  const fresh = await pourChecked(tobias, bed.stock['S-1'], 0.03);
  const { body: early, status } = await tobias.call('POST /baths', bathOf({ batchId: fresh }));
  expect(status).toBe(200);
  expect(early).toMatchObject({ code: 'T-001', least: 1800, most: null, claim: 'treats' });
  bed.pass(10 * MINUTE);
  const end = { id: randomUUID() };
  expect((await tobias.call(`POST /baths/${early.id}/end`, end)).body.ended).toMatchObject({
    seconds: 600,
    outcome: 'too-short',
    claim: 'nothing',
  });
  const { body: long } = await tobias.call('POST /baths', bathOf({ batchId: fresh }));
  bed.pass(30 * MINUTE);
  expect(
    (await tobias.call(`POST /baths/${long.id}/end`, { id: randomUUID() })).body.ended,
  ).toMatchObject({ outcome: 'in-time', claim: 'treats' });
  const again = await tobias.call(`POST /baths/${long.id}/end`, { id: randomUUID() });
  expect(codes(again)).toEqual(['vessel-ended']);
});

test('cutlery is not left in vinegar, and what was forgotten there is told', async () => {
  const asked = { thing: 'cutlery', batchId: vinegar, seconds: 3600 };
  bed.pass(1000);
  const batch = (
    await tobias.call('POST /batches', {
      stockId: bed.stock['S-3'],
      strength: 0.05,
      purpose: 'clean',
      volume: 0.5e-3,
    })
  ).body.id as string;
  const hour = await tobias.call('POST /baths', bathOf({ ...asked, batchId: batch }));
  expect(codes(hour)).toEqual(['over-longest']);
  const { body: bath } = await tobias.call(
    'POST /baths',
    bathOf({ ...asked, batchId: batch, seconds: 600 }),
  );
  bed.pass(15 * MINUTE);
  const { body } = await tobias.call(`POST /baths/${bath.id}/end`, { id: randomUUID() });
  expect(body.ended).toMatchObject({ seconds: 900, outcome: 'too-long' });
  const { rows } = (await maren.call('GET /records?kind=bath')).body;
  expect(rows[0].body.lay).toMatchObject({ outcome: 'too-long', seconds: 900 });
});

test('clean cloths are counted, taken and washed; a cold wash does not count', async () => {
  const say = (did: string, count: number, wash: object | null = null) =>
    tobias.call('POST /cloths/told', { id: randomUUID(), zone: 'kitchen', did, count, wash });
  const wash = { of: 'microfibre', temperature: 60, softener: false, solvent: false, drawer: [] };
  expect((await say('counted', 20)).body).toEqual({ clean: 20 });
  expect((await say('taken', 6)).body).toEqual({ clean: 14 });
  expect(codes(await say('washed', 6, { ...wash, temperature: 30 }))).toEqual(['wash-too-cold']);
  expect(codes(await say('washed', 6, { ...wash, solvent: true }))).toEqual([
    'solvent-cloths-burn',
  ]);
  expect((await say('washed', 6)).status).toBe(409);
  expect((await say('washed', 6, wash)).body).toEqual({ clean: 20 });
  expect((await tobias.call('GET /jars')).body.cloths).toEqual([{ zone: 'kitchen', clean: 20 }]);
});

test('two who take the last cloth at once: one is told that there is none', async () => {
  bed.pass(1000);
  const { body: jar } = await make({ batchId: null, count: 1 });
  bed.pass(31 * MINUTE);
  const both = await Promise.all([tell(jar.id, 'taken', 1), tell(jar.id, 'taken', 1)]);
  expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  expect(await breaksIn(bed.context)).toEqual([]);
});
