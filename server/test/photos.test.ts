import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { addHome, clean, testBed, type Bed, type Caller } from './support.ts';

/** Photos of homes and labels: only pictures, only for who may see what they are of. */
let bed: Bed;
let maren: Caller;
let tobias: Caller;
let home: string;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  tobias = await bed.as('tobias');
  ({ home } = await addHome(maren, [{ setting: clean(bed.stock['S-3'], 0.05) }]));
  await maren.call(`POST /homes/${home}/protocols`, {});
});
afterAll(() => bed.close());

const PLACE = 'Fennel Row 3, the blue door';
/** A camera's picture: with the place it was taken, its maker and a thumbnail's worth of notes. */
const taken = (width = 640, height = 480) =>
  sharp({ create: { width, height, channels: 3, background: '#2f6b4f' } })
    .jpeg()
    .withExif({
      IFD0: { ImageDescription: PLACE, Make: 'Somebody' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' },
    })
    .toBuffer();
const add = (image: Buffer, by = maren, says: string | null = 'The key box') =>
  by.call(`POST /homes/${home}/photos`, { says, image: image.toString('base64') });
const picture = async (id: string, by = maren) => by.call(`GET /photos/${id}/photo.jpg`);
const list = async (by = maren) => by.call(`GET /homes/${home}/photos`);
const stored = async (id: string): Promise<Buffer | null> =>
  (
    (await bed.context.db.query('SELECT image FROM photo WHERE id = $1', [id])) as {
      image: Buffer | null;
    }[]
  )[0]!.image;

test('a photo is kept as nothing but a picture: no place, no maker, no note', async () => {
  const sent = await taken();
  expect(sent.includes(PLACE)).toBe(true);
  expect((await sharp(sent).metadata()).exif).toBeDefined();
  const { status, body } = await add(sent);
  expect(status).toBe(200);
  expect((await list()).body).toMatchObject([
    { id: body.id, says: 'The key box', by: 'maren', width: 640, height: 480 },
  ]);
  const kept = (await stored(body.id))!;
  const { exif, xmp, iptc, icc, format } = await sharp(kept).metadata();
  expect({ exif, xmp, iptc, icc, format }).toEqual({ format: 'jpeg' });
  expect(kept.includes(PLACE) || kept.includes('Exif')).toBe(false);
});

test('a large one is made small, and none is kept that is over 1.5 MB', async () => {
  const { body } = await add(await taken(4000, 3000));
  const { width, height } = await sharp((await stored(body.id))!).metadata();
  expect([width, height]).toEqual([1600, 1200]);
  expect((await add(Buffer.alloc(1_500_001, 7))).status).toBe(400);
});

test.each([
  ['a text', Buffer.from('hello')],
  ['a page', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>')],
  ['a program', readFileSync(new URL('photos.test.ts', import.meta.url))],
])('%s is no photo', async (_what, bytes) => {
  expect((await add(bytes)).status).toBe(400);
});

test('a picture of another kind, or one that breaks off, is no photo either', async () => {
  const png = await sharp(await taken())
    .png()
    .toBuffer();
  const half = (await taken()).subarray(0, 300);
  for (const bytes of [png, half]) expect((await add(bytes)).status).toBe(400);
});

test('a cleaner sees a home’s photos while they are on a round there, and adds none', async () => {
  const [{ id }] = (await list()).body as [{ id: string }];
  expect((await list(tobias)).status).toBe(404);
  expect((await picture(id, tobias)).status).toBe(404);
  expect((await add(await taken(), tobias)).status).toBe(403);
  const round = randomUUID();
  await tobias.call('POST /rounds', { id: round, homeId: home });
  expect((await list(tobias)).body.length).toBeGreaterThan(0);
  expect((await picture(id, tobias)).status).toBe(200);
  await tobias.call(`POST /rounds/${round}/finish`, {});
  expect((await picture(id, tobias)).status).toBe(404);
  expect((await picture(id, bed.anyone())).status).toBe(401);
});

test('of one that is taken out the picture goes, and who did it when stays', async () => {
  const { id } = (await add(await taken())).body;
  expect((await maren.call(`DELETE /photos/${id}`)).status).toBe(200);
  expect(await stored(id)).toBeNull();
  const [row] = await bed.context.db.query('SELECT out_by, out_at FROM photo WHERE id = $1', [id]);
  expect(row.out_by && row.out_at).toBeTruthy();
  expect((await picture(id)).status).toBe(404);
  expect((await maren.call(`DELETE /photos/${id}`)).status).toBe(404);
});

test('a container’s label is for everybody who pours from it', async () => {
  const image = (await taken()).toString('base64');
  const path = `/stock/${bed.stock['S-3']}/photos` as const;
  expect((await maren.call(`POST ${path}`, { says: null, image })).status).toBe(200);
  const [{ id }] = (await tobias.call(`GET ${path}`)).body as [{ id: string }];
  expect((await picture(id, tobias)).status).toBe(200);
});

test('there is an end to how many', async () => {
  const image = await taken(8, 8);
  const answers = [];
  for (let i = 0; i < 26; i += 1) answers.push((await add(image)).status);
  expect(answers).toContain(409);
  expect((await list()).body).toHaveLength(24);
});
