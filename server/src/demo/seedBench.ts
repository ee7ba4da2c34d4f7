import { litres } from '@zymostat/core';
import { checkBatch } from '../features/batches/check.ts';
import { addBottle, fillBottle, washBottle } from '../features/bottles/service.ts';
import { addPlace, places as shelvesAndCaddies, putThing } from '../features/places/service.ts';
import { type Person } from '../features/people/tables.ts';
import { pourAndCheck } from './caddy.ts';
import { orRefused } from './history.ts';
import { bottles, places } from './scenario.ts';
import { HOUR, clock, context } from './stage.ts';
import { type Demo } from './seedHomes.ts';

type Pour = [code: string, strength: number, purpose: 'clean' | 'disinfect', by: Person];

export const pourFrom =
  (stockIds: Map<string, string>) =>
  (...[code, strength, purpose, by]: Pour) => {
    const asked = { stockId: stockIds.get(code)!, strength, purpose, volume: litres(0.5) };
    return pourAndCheck(context, asked, by);
  };

/** Yesterday's dilution is past its day; today's bottles were filled an hour ago. */
export const seedBench = async ({ stockIds, cleaners }: Demo): Promise<{ id: string }[]> => {
  const [first, second] = cleaners as [Person, Person];
  const shelf = [];
  for (const { litres: size, ...bottle } of bottles)
    shelf.push(await addBottle(context, { ...bottle, volume: litres(size) }, first));
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

export const seedPlaces = async (
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
