import { createHash } from 'node:crypto';
import { cautiousRules, litres, seeded } from '@zymostat/core';
import { databaseUrl } from '../config.ts';
import type { Context } from '../context.ts';
import { connect } from '../database/connect.ts';
import { StockEntity } from '../features/bench/entities.ts';
import { addProduct, checkBatch } from '../features/bench/service.ts';
import { addBottle, fillBottle, washBottle } from '../features/bottles/service.ts';
import { addHome, addRoom, addSurface, setSurface } from '../features/homes/service.ts';
import { addRule, editionOf, readBook } from '../features/keepApart/book.ts';
import { addPlace, places as shelvesAndCaddies, putThing } from '../features/keepApart/places.ts';
import { UNSEEN } from '../features/homes/changes.ts';
import { followUp, logMishap } from '../features/keepApart/service.ts';
import { CompanyEntity, PersonEntity, type Person } from '../features/people/entities.ts';
import { hashPassword } from '../features/people/service.ts';
import { approve } from '../features/protocols/service.ts';
import { addRecipe, saveRecipe } from '../features/recipes/service.ts';
import { addEvent, startRound, finishRound } from '../features/rounds/service.ts';
import { Caddy, orRefused, pourAndCheck, workThrough, type Clock } from './history.ts';
import {
  bottles,
  company,
  homes,
  nearMisses,
  password,
  ownRule,
  people,
  places,
  product,
  recipes,
  settings,
  stocks,
} from './scenario.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/** Ids in a row that look like any other, the same every time. */
const idsInARow = () => {
  let n = 0;
  return () =>
    createHash('sha256')
      .update(`demo ${(n += 1)}`)
      .digest('hex')
      .slice(0, 32)
      .replace(/^(.{8})(.{4}).(.{3}).(.{3})(.{12})$/, '$1-$2-4$3-8$4-$5');
};

const database = await connect(databaseUrl());
const db = database.manager;
const today = Math.floor(Date.now() / DAY) * DAY;
let time = today - 16 * DAY + 9 * HOUR;
const clock: Clock = { ms: () => time, set: (ms) => (time = ms) };
const context: Context = { db, now: clock.ms, newId: idsInARow() };

const seedPeople = async (): Promise<Map<string, Person>> => {
  await db
    .getRepository(CompanyEntity)
    .insert({ id: context.newId(), ...company, houseRules: cautiousRules });
  const passwordHash = await hashPassword(password);
  const rows = people.map((person) => ({ ...person, id: context.newId(), passwordHash }));
  await db.getRepository(PersonEntity).insert(rows);
  return new Map(rows.map((row) => [row.login, row]));
};

const seedStock = async (): Promise<Map<string, string>> => {
  const rows = stocks.map(({ litres: volume, days, ...stock }) => ({
    ...stock,
    id: context.newId(),
    volume: litres(volume),
    expiresAt: new Date(today + days * DAY),
  }));
  await db.getRepository(StockEntity).insert(rows);
  return new Map(rows.map(({ code, id }) => [code, id]));
};

const seedProduct = () => {
  const { litres: size, days, ...rest } = product;
  return addProduct(context, { ...rest, volume: litres(size), expiresAt: today + days * DAY });
};

const seedHomes = async (
  stockIds: Map<string, string>,
  maren: Person,
): Promise<Map<string, { id: string; surfaces: Map<string, string> }>> => {
  const made = new Map<string, { id: string; surfaces: Map<string, string> }>();
  for (const { rooms, ...home } of homes) {
    const { id } = await addHome(context, home);
    const surfaces = new Map<string, string>();
    for (const { surfaces: list, ...room } of rooms) {
      const roomId = (await addRoom(context, id, room, maren)).id;
      for (const { set, accepted, lifts, ...surface } of list) {
        const surfaceId = (await addSurface(context, roomId, surface, maren)).id;
        surfaces.set(surface.name, surfaceId);
        const setting = settings[set];
        if (setting) {
          const { goal, against, code, strength } = setting;
          await setSurface(
            context,
            surfaceId,
            {
              goal,
              against,
              accepted: accepted ?? null,
              lifts,
              use: { stockId: stockIds.get(code)!, strength },
            },
            UNSEEN,
            maren,
          );
        }
      }
    }
    made.set(home.name, { id, surfaces });
  }
  return made;
};

const seed = async () => {
  const team = await seedPeople();
  const maren = team.get('maren')!;
  const stockIds = await seedStock();
  await seedProduct();
  const made = await seedHomes(stockIds, maren);
  const cleaners = ['tobias', 'anneke', 'ruben'].map((login) => team.get(login)!);
  const names = [...made.keys()];
  for (const name of names) await approve(context, made.get(name)!.id, UNSEEN, maren);

  // Everybody read the book as it stood; then a rule of our own was added, and not all have read it
  // since.
  for (const reader of team.values()) await readBook(context, await editionOf(context), reader);
  await addRule(context, ownRule, maren);
  for (const reader of [maren, cleaners[0]!])
    await readBook(context, await editionOf(context), reader);

  const chance = seeded(20260105);
  const pour = (code: string, strength: number, purpose: 'clean' | 'disinfect', by: Person) =>
    pourAndCheck(
      context,
      { stockId: stockIds.get(code)!, strength, purpose, volume: litres(0.5) },
      by,
    );

  for (let day = 14; day >= 1; day -= 1) {
    const cleaner = cleaners[day % cleaners.length]!;
    const home = made.get(names[day % names.length]!)!;
    clock.set(today - day * DAY + 7 * HOUR);
    const caddy = new Caddy(context, cleaner);
    if (day === 11) await orRefused(pour('S-0104', 0.35, 'disinfect', cleaner));
    clock.set(today - day * DAY + 9 * HOUR);
    await workThrough(context, clock, home.id, cleaner, caddy, chance);

    for (const { days: _, home: at, by, followed, ...rest } of nearMisses.filter(
      (one) => one.days === day,
    )) {
      const { factId } = await logMishap(
        context,
        { kind: 'near-miss', homeId: made.get(at)!.id, at: clock.ms(), symptoms: null, ...rest },
        team.get(by)!,
      );
      clock.set(clock.ms() + 2 * HOUR);
      for (const { dueDays, ...next } of followed)
        await followUp(
          context,
          factId,
          {
            ...next,
            due:
              dueDays === null ? null : new Date(today + dueDays * DAY).toISOString().slice(0, 10),
          },
          maren,
        );
    }
    if (day === 6) {
      // A bottle of vinegar over peroxide that was only wiped: refused, and the round is broken
      // off.
      clock.set(clock.ms() + HOUR);
      const { id, surfaces } = made.get('Hedda')!;
      const round = await startRound(context, { id: context.newId(), homeId: id }, cleaner);
      const peroxide = await pour('S-0101', 0.03, 'disinfect', cleaner);
      const vinegar = await pour('S-0106', 0.05, 'clean', cleaner);
      const basin = surfaces.get('Sink tap')!;
      const did = (kind: 'washed' | 'applied' | 'wiped' | 'rinsed', batchId: string | null) => {
        clock.set(clock.ms() + 11 * 60_000);
        return orRefused(
          addEvent(
            context,
            round.id,
            {
              id: context.newId(),
              personId: cleaner.id,
              surfaceId: basin,
              kind,
              at: clock.ms(),
              batchId,
              turnedBack: false,
            },
            cleaner,
          ),
        );
      };
      await did('washed', null);
      await did('applied', peroxide.id);
      await did('wiped', null);
      await did('applied', vinegar.id);
      await did('rinsed', null);
      await finishRound(context, round.id, cleaner);
    }
  }

  const book = [];
  for (const recipe of recipes) book.push(await addRecipe(context, recipe, maren));
  await saveRecipe(
    context,
    book[3]!.id,
    { ...recipes[3]!, text: `${recipes[3]!.text}\n# use within the day` },
    maren,
  );

  const shelf = [];
  for (const { litres: size, ...bottle } of bottles)
    shelf.push(await addBottle(context, { ...bottle, volume: litres(size) }));

  // Yesterday's dilution is past its day; today's bottles were filled an hour ago.
  const now = Date.now();
  clock.set(now - 30 * HOUR);
  await pour('S-0101', 0.015, 'disinfect', cleaners[0]!);
  clock.set(now - HOUR);
  const strong = await pour('S-0101', 0.03, 'disinfect', cleaners[0]!);
  await pour('S-0101', 0.015, 'disinfect', cleaners[0]!);
  const alcohol = await pour('S-0103', 0.7, 'disinfect', cleaners[0]!);
  const vinegar = await pour('S-0106', 0.05, 'clean', cleaners[0]!);
  // One batch was poured short of stock: the meter says so, and it is set aside.
  const short = await pourAndCheck(
    context,
    { stockId: stockIds.get('S-0105')!, strength: 0.72, purpose: 'disinfect', volume: litres(0.5) },
    cleaners[1]!,
  );
  await checkBatch(
    context,
    short.id,
    { by: 'density', density: 896.4, temperature: 21 },
    cleaners[1]!,
  );

  // Bottles: one each, and one that held vinegar, is refused peroxide, and is then washed by name.
  await fillBottle(context, shelf[0]!.id, strong.id, cleaners[0]!);
  await fillBottle(context, shelf[4]!.id, alcohol.id, cleaners[0]!);
  await fillBottle(context, shelf[1]!.id, vinegar.id, cleaners[0]!);
  const more = await pour('S-0106', 0.05, 'clean', cleaners[0]!);
  await fillBottle(context, shelf[2]!.id, more.id, cleaners[0]!);
  await orRefused(fillBottle(context, shelf[2]!.id, strong.id, cleaners[0]!));
  await washBottle(
    context,
    shelf[2]!.id,
    { code: shelf[2]!.code, washedBy: cleaners[0]!.name },
    cleaners[0]!,
  );

  for (const { stock = [], bottles: held = [], kinds = [], ...place } of places) {
    const { id } = await addPlace(context, place);
    for (const code of stock)
      await putThing(context, id, { is: 'stock', id: stockIds.get(code)! }, cleaners[0]!);
    for (const at of held)
      await putThing(context, id, { is: 'bottle', id: shelf[at]!.id }, cleaners[0]!);
    for (const kind of kinds) await putThing(context, id, { is: 'kind', id: kind }, cleaners[0]!);
  }
  await orRefused(
    putThing(
      context,
      (await shelvesAndCaddies(context)).find(({ name }) => name === 'Caddy 1')!.id,
      { is: 'kind', id: 'chlorine-bleach' },
      cleaners[1]!,
    ),
  );

  // Ottilie's survey has moved on since her protocol was approved: two things stand before the next
  // version.
  const { surfaces } = made.get('Ottilie')!;
  await setSurface(
    context,
    surfaces.get('Shower-room floor')!,
    {
      goal: 'clean',
      against: 'everyday',
      accepted: null,
      use: { stockId: stockIds.get('S-0106')!, strength: 0.05 },
    },
    UNSEEN,
    maren,
  );
  await setSurface(
    context,
    surfaces.get('Reading lamp')!,
    {
      goal: 'disinfect',
      against: 'everyday',
      accepted: null,
      use: { stockId: stockIds.get('S-0101')!, strength: 0.03 },
    },
    UNSEEN,
    maren,
  );
};

if ((await db.getRepository(CompanyEntity).count()) === 0) await seed();
await database.destroy();

console.log(`Demo accounts of ${company.name}, all with the password ${password}:`);
for (const { login, role } of people) console.log(`  ${login.padEnd(8)} ${role}`);
