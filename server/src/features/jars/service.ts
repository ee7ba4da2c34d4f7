import type { Answer, Body, VesselsNow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { personNames } from '../people/service.ts';
import { asBath, asJar } from './asRow.ts';
import * as store from './store.ts';

export { asJar } from './asRow.ts';
export { makeJar } from './makeJar.ts';
export { tellJar } from './tellJar.ts';
export { beginBath, endBath } from './baths.ts';
export { tellCloths } from './cloths.ts';
export { jarById } from './store.ts';

/** What is gone is shown for a day, ms. */
const SHOWN = 86_400_000;

/** Jars, baths and clean cloths as they stand. */
export const vesselsNow = async (context: Context): Promise<VesselsNow> => {
  const since = new Date(context.now() - SHOWN);
  const [jars, baths, cloths, names] = await Promise.all([
    store.jarsSince(context, since),
    store.bathsSince(context, since),
    store.allCloths(context),
    personNames(context),
  ]);
  return {
    jars: jars.map((one) => asJar(one, names)),
    baths: baths.map((one) => asBath(one, names)),
    cloths,
  };
};

export type MadeJar = Answer<'makeJar'>;
export type NewJar = Body<'makeJar'>;
