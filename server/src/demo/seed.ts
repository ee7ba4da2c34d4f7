import { cautiousRules, litres, seeded } from '@zymostat/core';
import { StockEntity } from '../features/stock/tables.ts';
import { addProduct } from '../features/stock/service.ts';
import { addRule, editionOf, readBook } from '../features/book/service.ts';
import { UNSEEN } from '../features/homes/changes.ts';
import { followUp, logMishap } from '../features/mishaps/service.ts';
import { setUpCompany } from '../features/people/setUp.ts';
import { CompanyEntity, type Person } from '../features/people/tables.ts';
import { hashPassword } from '../features/people/passwords.ts';
import { approve } from '../features/protocols/approve.ts';
import { addRecipe, saveRecipe } from '../features/recipes/service.ts';
import { addEvent } from '../features/rounds/takeEvents.ts';
import { finishRound } from '../features/rounds/finishRound.ts';
import { startRound } from '../features/rounds/startRound.ts';
import { wholly } from './halfway.ts';
import { Caddy } from './caddy.ts';
import { orRefused, timedAt, workThrough } from './history.ts';
import {
  company,
  nearMisses,
  password,
  ownRule,
  people,
  product,
  recipes,
  stocks,
} from './scenario.ts';
import { HOUR, DAY, database, today, clock, context } from './stage.ts';
import { type Demo, seedHomes, seedMovedOn } from './seedHomes.ts';
import { seedJars } from './seedJars.ts';
import { seedWeek } from './seedWeek.ts';
import { pourFrom, seedBench, seedPlaces } from './seedBench.ts';

const seedPeople = async (): Promise<Map<string, Person>> => {
  const passwordHash = await hashPassword(password);
  const rows = people.map((person) => ({
    ...person,
    id: context.newId(),
    passwordHash,
    // One of them has not been asked yet.
    language: person.login === 'ruben' ? null : ('en' as const),
  }));
  const began = { id: context.newId(), ...company, houseRules: cautiousRules };
  const [first, ...others] = rows;
  await setUpCompany(context, began, [first!, ...others]);
  return new Map(rows.map((row) => [row.login, row]));
};

const seedStock = async (): Promise<Map<string, string>> => {
  const rows = stocks.map(({ litres: volume, days, ...stock }) => ({
    ...stock,
    id: context.newId(),
    volume: litres(volume),
    left: litres(volume),
    storage: [],
    expiresAt: new Date(today + days * DAY),
  }));
  await context.db.getRepository(StockEntity).insert(rows);
  return new Map(rows.map(({ code, id }) => [code, id]));
};

const seedProduct = (maren: Person) => {
  const { litres: size, days, ...rest } = product;
  const expiresAt = today + days * DAY;
  return addProduct(context, { ...rest, volume: litres(size), expiresAt }, maren);
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
    const at = { at: clock.ms(), ...timedAt(clock.ms(), round.id), turnedBack: false };
    await orRefused(addEvent(context, round.id, { ...event, ...at }, cleaner));
  };
  await did('washed', null);
  await did('applied', peroxide.id);
  await did('wiped', null);
  await did('applied', vinegar.id);
  await did('rinsed', null);
  await finishRound(context, { id: round.id, at: undefined }, cleaner);
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
  await saveRecipe(context, book[3]!.id, { ...recipes[3]!, text }, { person: maren, seen: UNSEEN });
};

const seed = async () => {
  const team = await seedPeople();
  const maren = team.get('maren')!;
  const stockIds = await seedStock();
  await seedProduct(maren);
  const made = await seedHomes({ stockIds, maren });
  const cleaners = ['tobias', 'anneke', 'ruben'].map((login) => team.get(login)!);
  const demo: Demo = { team, maren, cleaners, stockIds, made };
  for (const { id } of made.values()) await approve(context, id, UNSEEN, maren);
  await seedReading(demo);
  await seedDays(demo);
  await seedRecipes(demo);
  await seedPlaces(await seedBench(demo), demo);
  await seedJars(demo);
  await seedMovedOn(demo);
  await seedWeek(demo);
};

if ((await database.getRepository(CompanyEntity).count()) === 0) await wholly(seed);

await database.destroy();

console.log(`Demo accounts of ${company.name}, all with the password ${password}:`);

for (const { login, role } of people) console.log(`  ${login.padEnd(8)} ${role}`);
