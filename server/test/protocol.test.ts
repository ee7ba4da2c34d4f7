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
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
});
afterAll(() => bed.close());

const codesOf = (reasons: { code: string }[]) => reasons.map((reason) => reason.code);

describe('the survey', () => {
  test('keeps rooms and surfaces, surfaces in working order', async () => {
    const { home } = await addHome(
      maren,
      [
        { fields: { name: 'Floor', level: 'floor' } },
        { fields: { name: 'Mirror', material: 'mirror', level: 'mirror' } },
        {},
      ],
      ['cat', 'cat'],
    );
    const { body } = await maren.call(`GET /homes/${home}`);
    expect(body.situations).toEqual(['cat']);
    expect(body.rooms[0]).toMatchObject(bathroom);
    expect(body.rooms[0].surfaces.map((surface: { name: string }) => surface.name)).toEqual([
      'Basin',
      'Mirror',
      'Floor',
    ]);
    expect(body.rooms[0].surfaces[0].setting).toEqual({
      goal: 'clean',
      against: 'everyday',
      use: null,
      accepted: null,
      lifts: false,
      growth: null,
      loosening: null,
    });
  });

  test('changes and takes out what is there, and says when it is not', async () => {
    const {
      home,
      room,
      surfaces: [surface],
    } = await addHome(maren, [{}]);
    await maren.call(`PUT /surfaces/${surface}`, { ...basin, name: 'Corner basin', area: 0.3 });
    await maren.call(`PUT /rooms/${room}`, { ...bathroom, ventilation: 'none' });
    const { rooms } = (await maren.call(`GET /homes/${home}`)).body;
    expect(rooms[0]).toMatchObject({
      ventilation: 'none',
      surfaces: [{ name: 'Corner basin', area: 0.3 }],
    });
    expect((await maren.call(`DELETE /surfaces/${surface}`)).status).toBe(200);
    expect((await maren.call(`DELETE /surfaces/${surface}`)).status).toBe(404);
    expect((await maren.call(`DELETE /rooms/${room}`)).status).toBe(200);
    expect((await maren.call(`POST /rooms/${room}/surfaces`, basin)).status).toBe(404);
  });

  test.each([
    [{ floorArea: 0 }, 'floorArea'],
    [{ height: 40 }, 'height'],
    [{ ventilation: 'draught' }, 'ventilation'],
  ])('a room with %j is refused', async (wrong, path) => {
    const { home } = await addHome(maren, []);
    const answer = await maren.call(`POST /homes/${home}/rooms`, { ...bathroom, ...wrong });
    expect(answer.status).toBe(400);
    expect(answer.body.fields[0].path).toBe(path);
  });
});

describe('approving', () => {
  test('the server refuses what the core refuses, names the surface, and puts the refusal on record', async () => {
    const { home } = await addHome(maren, [
      { fields: { name: 'Worktop', material: 'marble' }, setting: clean(bed.stock['S-3'], 0.05) },
      {
        fields: { name: 'Screen', material: 'acrylic-polycarbonate' },
        setting: disinfect(bed.stock['S-4'], 0.7),
      },
      {
        fields: { name: 'Tile', material: 'glazed-ceramic' },
        setting: disinfect(bed.stock['S-3'], 0.05, 'we always did'),
      },
      {
        fields: { name: 'Tray', material: 'hard-plastic' },
        setting: disinfect(bed.stock['S-2'], 0.5),
      },
      {
        fields: { name: 'Fine', material: 'porcelain' },
        setting: disinfect(bed.stock['S-1'], 0.03),
      },
    ]);
    const answer = await maren.call(`POST /homes/${home}/protocols`, {});
    expect(answer.status).toBe(409);
    expect(answer.body.type).toBe('/problems/refused');
    const objections: { surfaceName: string; outcome: string; reasons: { code: string }[] }[] =
      answer.body.objections;
    expect(
      objections.map(({ surfaceName, outcome, reasons }) => [
        surfaceName,
        outcome,
        reasons[0]!.code,
      ]),
    ).toEqual([
      ['Worktop', 'never', 'material-barred'],
      ['Screen', 'never', 'material-barred'],
      ['Tile', 'never', 'not-a-disinfectant'],
      ['Tray', 'never', 'below-floor'],
    ]);
    expect(answer.body.detail).toContain('acid eats calcite');
    const { rows } = (await maren.call(`GET /records?homeId=${home}`)).body;
    expect(rows).toMatchObject([{ kind: 'refusal', person: 'maren', body: { what: 'protocol' } }]);
  });

  test('a Care is approved only with somebody’s reason, which stays in the version', async () => {
    const {
      home,
      surfaces: [worktop],
    } = await addHome(maren, [
      { fields: { material: 'marble' }, setting: disinfect(bed.stock['S-1'], 0.03) },
    ]);
    const refused = await maren.call(`POST /homes/${home}/protocols`, {});
    expect(codesOf(refused.body.reasons)).toContain('care-not-accepted');
    await maren.call(
      `PUT /surfaces/${worktop}/setting`,
      disinfect(bed.stock['S-1'], 0.03, 'tested at the edge'),
    );
    const approved = await maren.call(`POST /homes/${home}/protocols`, {});
    expect(approved.body).toMatchObject({ number: 1, approvedBy: 'maren' });
    const version = (await maren.call(`GET /protocols/${approved.body.id}`)).body;
    expect(version.protocol.rooms[0].surfaces[0]).toMatchObject({
      accepted: 'tested at the edge',
      treatment: { strength: 0.03, seconds: 600 },
      steps: [
        'open-window',
        'gloves',
        'goggles',
        'wash',
        'dry-first',
        'test-spot',
        'spray',
        'hold',
        'look',
        'wipe',
        'dry-after',
      ],
    });
  });

  test('a version never changes afterwards; the next one has the next number', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{ setting: disinfect(bed.stock['S-1'], 0.03) }]);
    const first = (await maren.call(`POST /homes/${home}/protocols`, {})).body;
    expect((await maren.call(`GET /homes/${home}`)).body.changedSinceApproval).toBe(false);
    await maren.call(`PUT /surfaces/${surface}/setting`, disinfect(bed.stock['S-1'], 0.015));
    expect((await maren.call(`GET /homes/${home}`)).body.changedSinceApproval).toBe(true);
    const second = (await maren.call(`POST /homes/${home}/protocols`, {})).body;
    expect(second.number).toBe(2);
    const secondsOf = async (id: string) =>
      (await maren.call(`GET /protocols/${id}`)).body.protocol.rooms[0].surfaces[0].treatment
        .seconds;
    expect([await secondsOf(first.id), await secondsOf(second.id)]).toEqual([600, 1200]);
    await expect(
      bed.context.db.query('UPDATE protocol_version SET number = 7 WHERE id = $1', [first.id]),
    ).rejects.toThrow(/refused/);
    await expect(
      bed.context.db.query('DELETE FROM protocol_version WHERE id = $1', [first.id]),
    ).rejects.toThrow(/refused/);
  });

  test('an empty home has nothing to approve, and an unknown stock cannot be set', async () => {
    const {
      home,
      surfaces: [surface],
    } = await addHome(maren, [{}]);
    expect(
      (
        await maren.call(
          `PUT /surfaces/${surface}/setting`,
          disinfect('00000000-0000-4000-8000-000000000000', 0.03),
        )
      ).status,
    ).toBe(404);
    await maren.call(`DELETE /surfaces/${surface}`);
    expect((await maren.call(`POST /homes/${home}/protocols`, {})).body.detail).toContain(
      'Survey it first',
    );
  });
});
