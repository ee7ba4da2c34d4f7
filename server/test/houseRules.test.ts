import { cautiousRules } from '@zymostat/core';
import {
  addHome,
  basin,
  bathroom,
  clean,
  disinfect,
  testBed,
  type Bed,
  type Caller,
} from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
let surfaces: string[];
beforeAll(async () => {
  bed = await testBed();
  [maren, tobias] = [await bed.as('maren'), await bed.as('tobias')];
  ({ home, surfaces } = await addHome(maren, [
    { fields: { name: 'Basin' }, setting: disinfect(bed.stock['S-1'], 0.015) },
    { fields: { name: 'Tray' } },
  ]));
  await maren.call(`POST /homes/${home}/protocols`, {});
});
afterAll(() => bed.close());

const flags = async () => (await maren.call(`GET /homes/${home}`)).body.flags;
const newest = async (kind: string) =>
  (await maren.call(`GET /records?kind=${kind}&limit=1`)).body.rows[0];

describe('house rules', () => {
  const refusing = { ...cautiousRules, dilutedPeroxide: 'refuse' };
  test('say before they are saved what they would make untrue, and change nothing', async () => {
    const { body } = await maren.call('POST /house-rules/effects', refusing);
    expect(body).toMatchObject([
      {
        homeId: home,
        homeName: 'Hedda',
        flags: [{ surfaceName: 'Basin', why: 'never', approved: 1200 }],
      },
    ]);
    expect(await flags()).toEqual([]);
    expect((await maren.call('GET /session')).body.company.houseRules).toEqual(cautiousRules);
  });

  test('once saved, the approved protocol stands as it was and is flagged; the change is on record', async () => {
    const before = (await maren.call(`GET /homes/${home}`)).body.versions;
    expect((await maren.call('PUT /house-rules', refusing)).status).toBe(200);
    expect(await flags()).toMatchObject([
      { surfaceName: 'Basin', why: 'never', reasons: [{ code: 'below-floor' }] },
    ]);
    expect((await maren.call(`GET /homes/${home}`)).body.versions).toEqual(before);
    expect(await newest('house-rules')).toMatchObject({
      body: {
        changes: [{ question: 'dilutedPeroxide', from: 'by-the-series', to: 'refuse' }],
        flagged: 1,
      },
    });
    expect((await maren.call('GET /records.csv?kind=house-rules')).body).toContain(
      'May peroxide be diluted to disinfect? No; 1 surface to review',
    );
  });

  test('a revised protocol is refused or approved by the new rules, and clears the flag', async () => {
    expect((await maren.call(`POST /homes/${home}/protocols`, {})).status).toBe(409);
    await maren.call(`PUT /surfaces/${surfaces[0]}/setting`, disinfect(bed.stock['S-1'], 0.03));
    expect((await maren.call(`POST /homes/${home}/protocols`, {})).body).toMatchObject({
      number: 2,
    });
    expect(await flags()).toEqual([]);
  });

  test.each([
    [{ ...cautiousRules, vinegar: 'cures all' }],
    [{ ...cautiousRules, extra: 'x' }],
    [{ vinegar: 'cleaner-only' }],
    [{}],
  ])('%j is a bad request', async (rules) => {
    expect((await maren.call('PUT /house-rules', rules)).status).toBe(400);
  });
  test('a cleaner may not', async () => {
    expect((await tobias.call('PUT /house-rules', cautiousRules)).status).toBe(403);
    expect((await tobias.call('POST /house-rules/effects', cautiousRules)).status).toBe(403);
  });
  test('the same rules again leave no row', async () => {
    const { seq } = await newest('house-rules');
    await maren.call('PUT /house-rules', refusing);
    expect((await newest('house-rules')).seq).toBe(seq);
  });
});

describe('several at once', () => {
  test('settings of a home are set all or none', async () => {
    const setting = clean(bed.stock['S-3'], 0.05);
    expect(
      (
        await maren.call(`PUT /homes/${home}/settings`, {
          settings: surfaces.map((surfaceId) => ({ surfaceId, setting })),
        })
      ).status,
    ).toBe(200);
    const other = await addHome(maren, [{}]);
    const mixed = await maren.call(`PUT /homes/${home}/settings`, {
      settings: [
        { surfaceId: surfaces[0], setting: { ...setting, goal: 'disinfect' } },
        { surfaceId: other.surfaces[0], setting },
      ],
    });
    expect(mixed.status).toBe(404);
    const rooms = (await maren.call(`GET /homes/${home}`)).body.rooms;
    expect(
      rooms[0].surfaces.map((surface: { setting: { goal: string } }) => surface.setting.goal),
    ).toEqual(['clean', 'clean']);
  });

  test('rooms come in with their surfaces, all or none', async () => {
    const { home: empty } = await addHome(maren, []);
    const room = {
      ...bathroom,
      surfaces: [
        { ...basin, name: 'Basin' },
        { ...basin, name: 'Mirror', material: 'mirror', level: 'mirror' },
      ],
    };
    expect(
      (
        await maren.call(`POST /homes/${empty}/import`, {
          rooms: [room, { ...room, name: 'Second' }],
        })
      ).status,
    ).toBe(200);
    expect(
      (await maren.call(`GET /homes/${empty}`)).body.rooms.map(
        (one: { name: string; surfaces: object[] }) => [one.name, one.surfaces.length],
      ),
    ).toEqual([
      ['Bathroom', 0],
      ['Bathroom', 2],
      ['Second', 2],
    ]);
    const wrong = await maren.call(`POST /homes/${empty}/import`, {
      rooms: [{ ...room, surfaces: [{ ...basin, material: 'gingerbread' }] }],
    });
    expect(wrong).toMatchObject({
      status: 400,
      body: { fields: [{ path: 'rooms.0.surfaces.0.material' }] },
    });
    expect(
      (
        await maren.call('POST /homes/00000000-0000-4000-8000-000000000000/import', {
          rooms: [room],
        })
      ).status,
    ).toBe(404);
  });

  test('what the client keeps is kept with the home', async () => {
    const { body } = await maren.call('POST /homes', {
      name: 'Bram',
      place: 'Kiln',
      situations: [],
      clientKeeps: ['cistern-tablet', 'cistern-tablet'],
    });
    expect((await maren.call(`GET /homes/${body.id}`)).body.clientKeeps).toEqual([
      'cistern-tablet',
    ]);
    expect(
      (
        await maren.call('POST /homes', {
          name: 'Bram',
          place: 'Kiln',
          situations: [],
          clientKeeps: ['a well-known brand'],
        })
      ).status,
    ).toBe(400);
  });
});
