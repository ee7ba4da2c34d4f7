import { inflateSync } from 'node:zlib';
import { randomUUID } from 'node:crypto';
import { densityAt, dilute, litres, massFraction, massOfStock } from '@zymostat/core';
import { extractText, getDocumentProxy } from 'unpdf';
import { StockEntity } from '../src/features/stock/tables.ts';
import { testBed, type Bed, type Caller } from './support.ts';

let bed: Bed;
let maren: Caller;
let tobias: Caller;
beforeAll(async () => {
  bed = await testBed();
  [maren, tobias] = [await bed.as('maren'), await bed.as('tobias')];
});
afterAll(() => bed.close());

const pour = async (
  code: keyof Bed['stock'],
  strength: number,
  purpose = 'disinfect',
  more: object = {},
) =>
  tobias.call('POST /batches', {
    stockId: bed.stock[code],
    strength,
    purpose,
    volume: litres(0.5),
    ...more,
  });
const check = (id: string, reading: object) => tobias.call(`POST /batches/${id}/check`, reading);
const reads = (strength: number, temperature = 24) => ({
  by: 'density',
  density: Number(
    densityAt('2-propanol', massFraction('2-propanol', strength), temperature).toFixed(2),
  ),
  temperature,
});
const newest = async (kind: string) =>
  (await maren.call(`GET /records?kind=${kind}&limit=1`)).body.rows[0];

describe('checking', () => {
  test('density and temperature give the strength back: verified, on record with what was read', async () => {
    const { body } = await pour('S-2', 0.72);
    expect(body).toMatchObject({ status: 'unchecked', measured: null });
    const checked = await check(body.id, reads(0.721));
    expect(checked.body).toMatchObject({ status: 'verified', measured: expect.closeTo(0.721, 3) });
    expect(await newest('check')).toMatchObject({
      body: { batchCode: body.code, meant: 0.72, inStrength: true, reading: { temperature: 24 } },
    });
    expect((await maren.call('GET /records.csv?kind=check')).body).toContain('72.1 % v/v measured');
  });

  test('out of strength is set aside until it was put right and is checked again; both stand on record', async () => {
    const { body } = await pour('S-2', 0.72);
    expect((await check(body.id, reads(0.65))).body.status).toBe('set-aside');
    expect((await check(body.id, reads(0.66))).body.status).toBe('set-aside');
    expect((await check(body.id, reads(0.72))).body.status).toBe('verified');
    const rows = (await maren.call('GET /records?kind=check&limit=3')).body.rows as {
      body: { batchCode: string; inStrength: boolean };
    }[];
    expect(rows.map((row) => [row.body.batchCode, row.body.inStrength])).toEqual([
      [body.code, true],
      [body.code, false],
      [body.code, false],
    ]);
  });

  test('what bottles were filled from is not put right: they would stay as weak as they were', async () => {
    const { body } = await pour('S-2', 0.72);
    const bottle = (
      await tobias.call('POST /bottles', { material: 'glass', opaque: true, volume: litres(0.25) })
    ).body;
    expect(
      (await tobias.call(`POST /bottles/${bottle.id}/fill`, { batchId: body.id })).status,
    ).toBe(200);
    expect((await check(body.id, reads(0.65))).body.status).toBe('set-aside');
    expect(await check(body.id, reads(0.72))).toMatchObject({
      status: 409,
      body: { detail: expect.stringContaining('Bottles were filled') },
    });
    expect(
      (await tobias.call('GET /batches')).body.find(({ id }: { id: string }) => id === body.id)
        .status,
    ).toBe('set-aside');
  });

  test.each([
    [{ by: 'density', density: 700, temperature: 20 }, /weighs that much/],
    [{ by: 'strip', step: 0.03 }, /cannot be read that way/],
  ])('%j changes nothing', async (reading, why) => {
    const { body } = await pour('S-2', 0.7);
    expect((await check(body.id, reading)).body.detail).toMatch(why);
    expect((await tobias.call('GET /batches')).body[0]).toMatchObject({
      id: body.id,
      status: 'unchecked',
    });
  });

  test.each([
    [{ by: 'density', density: 0.886, temperature: 20 }],
    [{ by: 'strip', step: 0.028 }],
    [{ by: 'taste' }],
    [{}],
    [{ by: 'density', density: 886, temperature: 20, note: 'x' }],
  ])('%j is a bad request', async (reading) => {
    const { body } = await pour('S-2', 0.7);
    expect((await check(body.id, reading)).status).toBe(400);
  });
});

describe('by weight', () => {
  const meant = dilute('2-propanol', 0.99, 0.72, litres(0.5));
  const stock = massOfStock('2-propanol', 0.99, meant.stock);
  const right = meant.water * 998.2;
  test('what was weighed is what is recorded', async () => {
    const { status, body } = await pour('S-2', 0.72, 'disinfect', {
      weighed: { stock, water: right },
    });
    expect(status).toBe(200);
    expect(body).toMatchObject({
      strength: expect.closeTo(0.72, 2),
      weighed: { water: right },
      stockVolume: expect.closeTo(meant.stock, 8),
      volume: expect.closeTo(litres(0.5), 7),
    });
  });
  test.each([
    ['over-poured', 1.3, ['weighed-off', 'below-floor']],
    ['under-poured', 0.8, ['weighed-off']],
  ])('%s water is refused', async (_, much, codes) => {
    const { status, body } = await pour('S-2', 0.72, 'disinfect', {
      weighed: { stock, water: right * much },
    });
    expect(status).toBe(409);
    expect(body.reasons.map(({ code }: { code: string }) => code)).toEqual(
      expect.arrayContaining(codes),
    );
  });
});

describe('bottles', () => {
  const newBottle = async (more: object = {}) =>
    (
      await tobias.call('POST /bottles', {
        material: 'HDPE',
        opaque: true,
        volume: litres(0.5),
        ...more,
      })
    ).body;
  const fill = (bottle: string, batchId: string) =>
    tobias.call(`POST /bottles/${bottle}/fill`, { batchId });

  test('one that held vinegar is refused peroxide until it is washed and relabelled, confirmed by name', async () => {
    const bottle = await newBottle();
    const vinegar = (await pour('S-3', 0.05, 'clean')).body;
    const peroxide = (await pour('S-1', 0.03)).body;
    expect((await fill(bottle.id, vinegar.id)).body).toMatchObject({
      heldSinceWash: { active: 'acetic acid', batchCode: vinegar.code },
    });
    const refused = await fill(bottle.id, peroxide.id);
    expect(refused.status).toBe(409);
    expect(refused.body.reasons.map(({ code }: { code: string }) => code)).toEqual([
      'held-before',
      'old-label',
    ]);
    expect(await newest('refusal')).toMatchObject({
      body: { what: 'bottle', refused: { is: 'filling', bottleCode: bottle.code } },
    });

    const wash = (code: string, washedBy: string) =>
      tobias.call(`POST /bottles/${bottle.id}/wash`, { code, washedBy });
    expect((await wash('F-999', 'tobias')).body.fields[0].path).toBe('code');
    expect((await wash(bottle.code, 'maren')).body.fields[0].path).toBe('washedBy');
    expect((await wash(bottle.code.toLowerCase(), 'Tobias')).body.heldSinceWash).toBeNull();
    expect(
      (await fill(bottle.id, peroxide.id)).body.history.map(({ did }: { did: string }) => did),
    ).toEqual(['filled', 'washed', 'filled']);
    expect(await newest('bottle')).toMatchObject({
      body: { did: 'filled', batchCode: peroxide.code },
    });
  });

  test('a batch that is set aside or past its time fills nothing; two fills at once are one', async () => {
    const bottle = await newBottle();
    const weak = (await pour('S-1', 0.015)).body;
    await check(weak.id, { by: 'strip', step: 0.0075 });
    expect((await fill(bottle.id, weak.id)).body.reasons[0].code).toBe('batch-set-aside');
    const good = (await pour('S-1', 0.03)).body;
    const both = await Promise.all([fill(bottle.id, good.id), fill(bottle.id, good.id)]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  });

  test('history is only ever added to', async () => {
    await expect(bed.context.db.query('DELETE FROM bottle_event')).rejects.toThrow(
      /only new rows are allowed/,
    );
  });
  test.each([
    ['POST /bottles', { material: 'tin', opaque: true, volume: 0.001 }, 400],
    [
      'POST /bottles/00000000-0000-4000-8000-000000000000/fill',
      { batchId: '00000000-0000-4000-8000-000000000000' },
      404,
    ],
  ])('%s with %j is %d', async (line, body, status) => {
    expect((await tobias.call(line, body)).status).toBe(status);
  });
});

describe('recipes', () => {
  const half = {
    name: 'Half and half',
    claim: 'disinfect',
    text: '1 cup rubbing alcohol 70 %\n1 cup water',
  };
  test('are saved under a name of their own, with versions that stay', async () => {
    const { body } = await tobias.call('POST /recipes', half);
    const again = await tobias.call(`POST /recipes/${body.id}/versions`, {
      ...half,
      text: '1 cup rubbing alcohol 70 %',
    });
    expect(
      again.body.versions.map(({ number, text }: { number: number; text: string }) => [
        number,
        text,
      ]),
    ).toEqual([
      [2, '1 cup rubbing alcohol 70 %'],
      [1, half.text],
    ]);
    expect((await tobias.call('POST /recipes', { ...half, name: 'half AND half' })).status).toBe(
      409,
    );
    expect((await tobias.call('GET /recipes')).body).toEqual([again.body]);
    await expect(bed.context.db.query("UPDATE recipe_version SET text = 'x'")).rejects.toThrow(
      /only new rows are allowed/,
    );
  });
  test.each([
    [{ ...half, text: '  ' }],
    [{ ...half, claim: 'cure' }],
    [{ ...half, text: 'x'.repeat(20_001) }],
    [{ ...half, text: 'a\u0000b' }],
  ])('%j is a bad request', async (body) => {
    expect((await tobias.call('POST /recipes', body)).status).toBe(400);
  });
});

/**
 * Scales under 1 that the drawings of a PDF are set by: a scale is written `a 0 0 d x y cm` in a
 * deflated stream. A stream is as long as it says: its last byte may look like the end of a line.
 */
const scalesIn = (bytes: Uint8Array): number[] => {
  const text = Buffer.from(bytes).toString('latin1');
  const streams = [...text.matchAll(/<<([^<>]*)>>\s*?stream\r?\n/g)].filter(([, of]) =>
    of!.includes('/FlateDecode'),
  );
  return streams.flatMap((found) => {
    const from = found.index + found[0].length;
    const length = Number(/\/Length (\d+)/.exec(found[1]!)![1]);
    const drawn = inflateSync(Buffer.from(text.slice(from, from + length), 'latin1')).toString(
      'latin1',
    );
    return [...drawn.matchAll(/([\d.]+) 0 0 ([\d.]+) [-\d.]+ [-\d.]+ cm/g)]
      .map(([, scale]) => Number(scale))
      .filter((scale) => scale > 0.05 && scale < 1);
  });
};

describe('labels', () => {
  const label = async (id: string, query = '') => {
    const response = await fetch(`${bed.base}/api/batches/${id}/label.pdf${query}`, {
      headers: { cookie: tobias.cookie },
    });
    return {
      status: response.status,
      type: response.headers.get('content-type'),
      bytes: new Uint8Array(await response.arrayBuffer()),
    };
  };
  test.each(['', '?size=A6&copies=5'])(
    'a PDF%s says what is in it, what it does to people, and until when',
    async (query) => {
      const batch = (await pour('S-2', 0.7)).body;
      const { type, bytes } = await label(batch.id, query);
      expect(type).toBe('application/pdf');
      const { text, totalPages } = await extractText(await getDocumentProxy(bytes), {
        mergePages: true,
      });
      const said = text.replace(/\s+/g, ' ');
      for (const part of [
        batch.code,
        'Alcohol 70 %',
        '70 % v/v 2-propanol',
        'Not a registered disinfectant.',
        'Danger',
        'Highly flammable liquid and vapour.',
        'Never with: ',
        'bleach',
        'by tobias',
        'Discard after',
        'poison line 2',
      ])
        expect(said).toContain(part);
      expect(text).not.toMatch(/to disinfect/i);
      // A6 is printed as A6: a label a sheet.
      expect(totalPages).toBe(query ? 5 : 1);
      expect(text.split('Highly flammable')).toHaveLength(query ? 6 : 2);
    },
  );
  test('3 % peroxide is not classified, and still asks for gloves', async () => {
    const { text } = await extractText(
      await getDocumentProxy((await label((await pour('S-1', 0.03)).body.id)).bytes),
      { mergePages: true },
    );
    expect(text).not.toMatch(/Danger|Warning/);
    expect(text).toContain('Wear gloves');
  });
  test('what has most to warn of still fits, six to a page', async () => {
    const { id: stockId } = await bed.context.db.getRepository(StockEntity).save({
      id: randomUUID(),
      code: 'S-9',
      name: 'Peroxide 8 %',
      active: 'hydrogen peroxide',
      strength: 0.08,
      volume: litres(1),
      left: litres(1),
      expiresAt: new Date(bed.context.now() + 9e8),
      pricePerLitre: null,
    });
    const { body } = await tobias.call('POST /batches', {
      stockId,
      strength: 0.08,
      purpose: 'clean',
      volume: litres(0.5),
    });
    const { text, totalPages } = await extractText(
      await getDocumentProxy((await label(body.id, '?copies=6')).bytes),
      { mergePages: true },
    );
    expect(totalPages).toBe(1);
    expect(text.replace(/\s+/g, ' ').split('Causes serious eye damage.')).toHaveLength(7);
  });
  // CLP (signs at least 10 mm); text of a label that can be read at arm's length, 8 pt: measured in
  // the PDF itself.
  test.each(['', '?size=A6'])(
    'nothing on a label%s is set under 8 pt, and no sign is under 10 mm',
    async (query) => {
      const { id: stockId } = await bed.context.db.getRepository(StockEntity).save({
        id: randomUUID(),
        code: `S-${randomUUID().slice(0, 4)}`,
        name: 'Peroxide 8 %',
        active: 'hydrogen peroxide',
        strength: 0.08,
        volume: litres(1),
        left: litres(1),
        expiresAt: new Date(bed.context.now() + 9e8),
        pricePerLitre: null,
        label: null,
      });
      for (const [stock, strength] of [
        [stockId, 0.08],
        [bed.stock['S-2'], 0.7],
      ] as const) {
        const { body } = await tobias.call('POST /batches', {
          stockId: stock,
          strength,
          purpose: 'clean',
          volume: litres(0.5),
        });
        const { bytes } = await label(body.id, query);
        const pdf = await getDocumentProxy(bytes.slice());
        expect(pdf.numPages).toBe(1);
        const page = await pdf.getPage(1);
        const { items } = await page.getTextContent();
        const sizes = items.flatMap((item) =>
          'transform' in item && item.str.trim() !== ''
            ? [Math.abs(item.transform[3] as number)]
            : [],
        );
        expect(sizes.length).toBeGreaterThan(10);
        expect(Math.min(...sizes)).toBeGreaterThanOrEqual(8 - 1e-3);
        // A sign is drawn on a square of 100: its scale in points tells its size.
        const scales = scalesIn(bytes);
        expect(scales.length).toBeGreaterThan(0);
        expect((Math.min(...scales) * 100) / (72 / 25.4)).toBeGreaterThanOrEqual(9.99);
      }
    },
  );
  test.each(['?size=A5', '?copies=0', '?copies=99', '?colour=red'])(
    '%s is a bad request',
    async (query) => {
      expect((await label((await pour('S-1', 0.03)).body.id, query)).status).toBe(400);
    },
  );
});
