import { isDeepStrictEqual } from 'node:util';
import type { HomeDetail } from '@zymostat/contract';
import { buildProtocol, reviewOf, type TreatedSurface } from '@zymostat/core';
import { theBook } from '../src/features/book/service.ts';
import { surveyOf } from '../src/features/homes/store.ts';
import { theCompany } from '../src/features/people/service.ts';
import { homeDetail, newestVersion } from '../src/features/protocols/service.ts';
import { stocksAtHand } from '../src/features/stock/service.ts';
import { addHome, clean, disinfect, testBed, type Bed, type Caller } from './support.ts';

/** What was judged once is given again only as long as judging it anew says the same. */
const DAY = 86_400_000;

let bed: Bed;
let maren: Caller;
let home: string;
let surface: string;
const sql = (text: string, values: unknown[] = []) => bed.context.db.query(text, values);
/** As another server of the same database would. */
const peroxideTime = (school: string) =>
  sql(
    `UPDATE company SET house_rules = house_rules || jsonb_build_object('peroxideTime', $1::text)`,
    [school],
  );
const nothing = async (): Promise<unknown> => undefined;
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  await peroxideTime('published-series');
  const made = await addHome(maren, [
    { setting: disinfect(bed.stock['S-1'], 0.03) },
    { fields: { name: 'Bath' }, setting: clean(bed.stock['S-3'], 0.05) },
  ]);
  home = made.home;
  surface = made.surfaces[0]!;
  await maren.call(`POST /homes/${home}/protocols`, {});
});
afterAll(() => bed.close());

const readAt = (now: number): Promise<HomeDetail> =>
  homeDetail({ ...bed.context, now: () => now }, home);

const treatmentsOf = (surfaces: readonly TreatedSurface[]) =>
  surfaces.map(({ treatment }) => treatment);

/** Judged from what the tables hold, with nothing kept from before. */
const anewAt = async (now: number) => {
  const { context } = bed;
  const [survey, stocks, book, { houseRules: rules }] = await Promise.all([
    surveyOf(context, home),
    stocksAtHand(context),
    theBook(context),
    theCompany(context),
  ]);
  const { protocol } = (await newestVersion(context, home))!;
  const by = { rules, now, book };
  const treated = buildProtocol(survey, stocks, by).flatMap((room) => room.surfaces);
  const approved = protocol.rooms.flatMap((room) => room.surfaces);
  return {
    flags: reviewOf(protocol.rooms, survey, stocks, by),
    changed: !isDeepStrictEqual(treatmentsOf(treated), treatmentsOf(approved)),
  };
};

test('asked again with nothing changed, nothing is judged anew', async () => {
  const now = bed.context.now();
  const first = await readAt(now);
  expect(await readAt(now + 1000)).toBe(first);
  expect(first).toMatchObject({ changedSinceApproval: false, flags: [] });
});

test.each<[string, () => Promise<unknown>, boolean, number?]>([
  ['a stock expires meanwhile', nothing, true, 101],
  ['the clock is set back again', nothing, false],
  [
    'another strength is set',
    () => maren.call(`PUT /surfaces/${surface}/setting`, disinfect(bed.stock['S-1'], 0.01)),
    false,
  ],
  [
    'it is set back',
    () => maren.call(`PUT /surfaces/${surface}/setting`, disinfect(bed.stock['S-1'], 0.03)),
    false,
  ],
  ['another server changes the house rules', () => peroxideTime('ten-minutes'), true],
  [
    'another server changes the survey without a revision',
    () => sql('UPDATE surface SET material = $1 WHERE id = $2', ['marble', surface]),
    true,
  ],
  ['a stock is used up', () => sql(`UPDATE stock SET expires_at = now() - interval '1 day'`), true],
  ['a home oxygen is found', () => sql(`UPDATE home SET situations = '["oxygen"]'`), true],
])('%s: it reads as judged anew', async (_, happens, flagged, days = 0) => {
  await happens();
  const now = bed.context.now() + days * DAY;
  const [read, anew] = [await readAt(now), await anewAt(now)];
  expect(read.flags.length > 0).toBe(flagged);
  expect(read.flags).toEqual(anew.flags);
  expect(read.changedSinceApproval).toBe(anew.changed);
});

test('a person who approved and left is named as the company names them now', async () => {
  await sql(`UPDATE person SET name = 'somebody else' WHERE login = 'maren'`);
  expect((await readAt(bed.context.now())).versions[0]!.approvedBy).toBe('somebody else');
});
