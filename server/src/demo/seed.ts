import { createHash } from 'node:crypto';
import { cautiousRules, litres, seeded } from '@zymostat/core';
import { databaseUrl } from '../platform/config.ts';
import type { Context } from '../platform/context.ts';
import { connect } from '../database/connect.ts';
import { StockEntity } from '../features/stock/tables.ts';
import { addProduct } from '../features/stock/service.ts';
import { checkBatch } from '../features/batches/check.ts';
import { addBottle, fillBottle, washBottle } from '../features/bottles/service.ts';
import { addHome, addRoom, addSurface, setSurface } from '../features/homes/service.ts';
import { addRule, editionOf, readBook } from '../features/book/service.ts';
import { addPlace, places as shelvesAndCaddies, putThing } from '../features/places/service.ts';
import { UNSEEN } from '../features/homes/changes.ts';
import { followUp, logMishap } from '../features/mishaps/service.ts';
import { CompanyEntity, PersonEntity, type Person } from '../features/people/tables.ts';
import { hashPassword } from '../features/people/service.ts';
import { approve } from '../features/protocols/approve.ts';
import { addRecipe, saveRecipe } from '../features/recipes/service.ts';
import { addEvent } from '../features/rounds/takeEvent.ts';
import { startRound, finishRound } from '../features/rounds/service.ts';
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
  const rows = people.map((person) => ({
    ...person,
    id: context.newId(),
    passwordHash,
    // One of them has not been asked yet.
    language: person.login === 'ruben' ? null : ('en' as const),
  }));
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

/** A home as it was made, with the ids of its surfaces by their names. */
interface MadeHome {
  id: string;
  surfaces: Map<string, string>;
}

/** What the whole demo rests on once people, stock and homes are there. */
interface Demo {
  team: Map<string, Person>;
  maren: Person;
  cleaners: Person[];
  stockIds: Map<string, string>;
  made: Map<string, MadeHome>;
}

const seedSurface = async (
  roomId: string,
  { set, accepted, lifts, ...surface }: (typeof homes)[number]['rooms'][number]['surfaces'][number],
  { stockIds, maren }: Pick<Demo, 'stockIds' | 'maren'>,
): Promise<string> => {
  const { id } = await addSurface(context, roomId, surface, maren);
  const setting = settings[set];
  if (setting) {
    const { goal, against, code, strength } = setting;
    const use = { stockId: stockIds.get(code)!, strength };
    const chosen = { goal, against, accepted: accepted ?? null, lifts, use };
    await setSurface(context, id, chosen, { seen: UNSEEN, person: maren });
  }
  return id;
};

const seedHomes = async (by: Pick<Demo, 'stockIds' | 'maren'>): Promise<Demo['made']> => {
  const made: Demo['made'] = new Map();
  for (const { rooms, ...home } of homes) {
    const { id } = await addHome(context, home);
    const surfaces = new Map<string, string>();
    for (const { surfaces: list, ...room } of rooms) {
      const roomId = (await addRoom(context, id, room, by.maren)).id;
      for (const surface of list)
        surfaces.set(surface.name, await seedSurface(roomId, surface, by));
    }
    made.set(home.name, { id, surfaces });
  }
  return made;
};

type Pour = [code: string, strength: number, purpose: 'clean' | 'disinfect', by: Person];
const pourFrom =
  (stockIds: Map<string, string>) =>
  (...[code, strength, purpose, by]: Pour) => {
    const asked = { stockId: stockIds.get(code)!, strength, purpose, volume: litres(0.5) };
    return pourAndCheck(context, asked, by);
  };

/** Everybody read the book as it stood; then a rule was added, and not all have read it since. */
const seedReading = async ({ team, maren, cleaners }: Demo): Promise<void> => {
  for (const reader of team.values()) await readBook(context, await editionOf(context), reader);
  await addRule(context, ownRule, maren);
  for (const reader of [maren, cleaners[0]!])
    await readBook(context, await editionOf(context), reader);
};

const seedNearMisses = async (day: number, { made, team, maren }: Demo): Promise<void> => {
  for (const { days, home: at, by, followed, ...rest } of nearMisses) {
    if (days !== day) continue;
    const mishap = { kind: 'near-miss' as const, homeId: made.get(at)!.id, at: clock.ms() };
    const { factId } = await logMishap(
      context,
      { ...mishap, symptoms: null, ...rest },
      team.get(by)!,
    );
    clock.set(clock.ms() + 2 * HOUR);
    for (const { dueDays, ...next } of followed) {
      const due =
        dueDays === null ? null : new Date(today + dueDays * DAY).toISOString().slice(0, 10);
      await followUp(context, factId, { ...next, due }, maren);
    }
  }
};

/** Vinegar over peroxide that was only wiped: refused, and the round is broken off. */
const seedRefusal = async (cleaner: Person, { made, stockIds }: Demo): Promise<void> => {
  clock.set(clock.ms() + HOUR);
  const { id, surfaces } = made.get('Hedda')!;
  const pour = pourFrom(stockIds);
  const round = await startRound(context, { id: context.newId(), homeId: id }, cleaner);
  const peroxide = await pour('S-0101', 0.03, 'disinfect', cleaner);
  const vinegar = await pour('S-0106', 0.05, 'clean', cleaner);
  const surfaceId = surfaces.get('Sink tap')!;
  const did = async (kind: 'washed' | 'applied' | 'wiped' | 'rinsed', batchId: string | null) => {
    clock.set(clock.ms() + 11 * 60_000);
    const event = { id: context.newId(), personId: cleaner.id, surfaceId, kind, batchId };
    const at = { at: clock.ms(), turnedBack: false };
    await orRefused(addEvent(context, round.id, { ...event, ...at }, cleaner));
  };
  await did('washed', null);
  await did('applied', peroxide.id);
  await did('wiped', null);
  await did('applied', vinegar.id);
  await did('rinsed', null);
  await finishRound(context, round.id, cleaner);
};

/** Two weeks of work. */
const seedDays = async (demo: Demo): Promise<void> => {
  const { cleaners, made, stockIds } = demo;
  const names = [...made.keys()];
  const chance = seeded(20260105);
  for (let day = 14; day >= 1; day -= 1) {
    const person = cleaners[day % cleaners.length]!;
    const home = made.get(names[day % names.length]!)!;
    clock.set(today - day * DAY + 7 * HOUR);
    const caddy = new Caddy(context, person);
    if (day === 11) await orRefused(pourFrom(stockIds)('S-0104', 0.35, 'disinfect', person));
    clock.set(today - day * DAY + 9 * HOUR);
    await workThrough(context, home.id, { clock, person, caddy, chance });
    await seedNearMisses(day, demo);
    if (day === 6) await seedRefusal(person, demo);
  }
};

const seedRecipes = async ({ maren }: Demo): Promise<void> => {
  const book = [];
  for (const recipe of recipes) book.push(await addRecipe(context, recipe, maren));
  const text = `${recipes[3]!.text}\n# use within the day`;
  await saveRecipe(context, book[3]!.id, { ...recipes[3]!, text }, maren);
};

/** Yesterday's dilution is past its day; today's bottles were filled an hour ago. */
const seedBench = async ({ stockIds, cleaners }: Demo): Promise<{ id: string }[]> => {
  const [first, second] = cleaners as [Person, Person];
  const shelf = [];
  for (const { litres: size, ...bottle } of bottles)
    shelf.push(await addBottle(context, { ...bottle, volume: litres(size) }));
  const pour = pourFrom(stockIds);
  const now = Date.now();
  clock.set(now - 30 * HOUR);
  await pour('S-0101', 0.015, 'disinfect', first);
  clock.set(now - HOUR);
  const strong = await pour('S-0101', 0.03, 'disinfect', first);
  await pour('S-0101', 0.015, 'disinfect', first);
  const alcohol = await pour('S-0103', 0.7, 'disinfect', first);
  const vinegar = await pour('S-0106', 0.05, 'clean', first);
  // One batch was poured short of stock: the meter says so, and it is set aside.
  const short = await pour('S-0105', 0.72, 'disinfect', second);
  const reading = { by: 'density' as const, density: 896.4, temperature: 21 };
  await checkBatch(context, short.id, reading, second);
  // One each, and one that held vinegar, is refused peroxide, and is then washed by name.
  const washed = shelf[2]!;
  await fillBottle(context, shelf[0]!.id, strong.id, first);
  await fillBottle(context, shelf[4]!.id, alcohol.id, first);
  await fillBottle(context, shelf[1]!.id, vinegar.id, first);
  const more = await pour('S-0106', 0.05, 'clean', first);
  await fillBottle(context, washed.id, more.id, first);
  await orRefused(fillBottle(context, washed.id, strong.id, first));
  await washBottle(context, washed.id, { code: washed.code, washedBy: first.name }, first);
  return shelf;
};

const seedPlaces = async (
  shelf: readonly { id: string }[],
  { stockIds, cleaners }: Demo,
): Promise<void> => {
  const [first, second] = cleaners as [Person, Person];
  for (const { stock = [], bottles: held = [], kinds = [], ...place } of places) {
    const { id } = await addPlace(context, place);
    for (const code of stock)
      await putThing(context, id, { is: 'stock', id: stockIds.get(code)! }, first);
    for (const at of held) await putThing(context, id, { is: 'bottle', id: shelf[at]!.id }, first);
    for (const kind of kinds) await putThing(context, id, { is: 'kind', id: kind }, first);
  }
  const caddy = (await shelvesAndCaddies(context)).find(({ name }) => name === 'Caddy 1')!;
  const bleach = { is: 'kind', id: 'chlorine-bleach' } as const;
  await orRefused(putThing(context, caddy.id, bleach, second));
};

/** A survey that has moved on: two things stand before the next version. */
const seedMovedOn = async ({ made, stockIds, maren }: Demo): Promise<void> => {
  const { surfaces } = made.get('Ottilie')!;
  const set = async (
    name: string,
    goal: 'clean' | 'disinfect',
    [code, strength]: [string, number],
  ) => {
    const use = { stockId: stockIds.get(code)!, strength };
    const setting = { goal, against: 'everyday' as const, accepted: null, use };
    await setSurface(context, surfaces.get(name)!, setting, { seen: UNSEEN, person: maren });
  };
  await set('Shower-room floor', 'clean', ['S-0106', 0.05]);
  await set('Reading lamp', 'disinfect', ['S-0101', 0.03]);
};

const seed = async () => {
  const team = await seedPeople();
  const maren = team.get('maren')!;
  const stockIds = await seedStock();
  await seedProduct();
  const made = await seedHomes({ stockIds, maren });
  const cleaners = ['tobias', 'anneke', 'ruben'].map((login) => team.get(login)!);
  const demo: Demo = { team, maren, cleaners, stockIds, made };
  for (const { id } of made.values()) await approve(context, id, UNSEEN, maren);
  await seedReading(demo);
  await seedDays(demo);
  await seedRecipes(demo);
  await seedPlaces(await seedBench(demo), demo);
  await seedMovedOn(demo);
};

if ((await db.getRepository(CompanyEntity).count()) === 0) await seed();
await database.destroy();

console.log(`Demo accounts of ${company.name}, all with the password ${password}:`);
for (const { login, role } of people) console.log(`  ${login.padEnd(8)} ${role}`);
