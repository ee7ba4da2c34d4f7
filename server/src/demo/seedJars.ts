import { zones, type Zone } from '@zymostat/core';
import { makeJar, tellCloths, tellJar } from '../features/jars/service.ts';
import { DAY, HOUR, clock, context } from './stage.ts';
import { pourFrom } from './seedBench.ts';
import type { Demo } from './seedHomes.ts';

const counted: Record<Zone, number> = { toilet: 6, bath: 24, kitchen: 18, rest: 20, glass: 8 };

const room = { ventilation: 'window', temperature: 21, opened: 12, against: 'everyday' } as const;
const jar = { kind: 'glass', volume: 1.5e-3, mouth: 0.0079 } as const;
const cloth = { length: 0.2, width: 0.2, weighed: null };

/** Two jars that were made days ago and mostly used, and the clean cloths of this morning. */
export const seedJars = async ({ stockIds, cleaners }: Demo): Promise<void> => {
  const by = cleaners[0]!;
  const now = Date.now();
  const take = (id: string, count: number) =>
    tellJar(context, id, { id: context.newId(), did: 'taken', count }, by);
  clock.set(now - 4 * DAY);
  const alcohol = await pourFrom(stockIds)('S-0103', 0.7, 'disinfect', by);
  const wipes = { cloth: { kind: 'thick-paper-towel' as const, ...cloth }, vessel: jar, ...room };
  const first = { id: context.newId(), ...wipes, count: 50, batchId: alcohol.id, seconds: 120 };
  await makeJar(context, first, by);
  const washing = { cloth: { kind: 'nonwoven' as const, ...cloth }, vessel: jar, ...room };
  const second = { id: context.newId(), ...washing, count: 30, batchId: null, seconds: 0 };
  await makeJar(context, second, by);
  clock.set(now - DAY);
  await take(first.id, 47);
  await take(second.id, 21);
  clock.set(now - 2 * HOUR);
  for (const zone of zones) {
    const said = { id: context.newId(), zone, did: 'counted' as const, count: counted[zone] };
    await tellCloths(context, { ...said, wash: null }, by);
  }
};
