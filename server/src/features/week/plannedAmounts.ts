import type { StockUse } from '@zymostat/contract';
import { addUp, caddiesOf, checkWeek, stillHere, takenOfStock } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { dayOf, daysLater, mondayOf } from './monday.ts';
import { weekOf } from './service.ts';
import * as store from './store.ts';

/** What the visits of a week need, by day. */
const ofWeek = async (context: Context, monday: number): Promise<StockUse['planned']> => {
  if (!(await store.weekOf(context, dayOf(monday)))) return [];
  const week = await weekOf(context, dayOf(monday));
  const load = new Map(week.homes.map((home) => [home.id, home.load]));
  return checkWeek(stillHere(week)).days.flatMap((laid, day) =>
    addUp(caddiesOf(laid, (id) => load.get(id)).flatMap(({ amounts }) => amounts)).map((one) => {
      // Of what is not on the shelf any more nothing can be let down: as much as there is to be.
      const stockVolume = takenOfStock(one, week.stocks[one.stockId] ?? one.strength);
      return { ...one, day: dayOf(daysLater(monday, day)), stockVolume };
    }),
  );
};

/** What visits of this week and the next need, 15 % over. */
export const plannedAmounts = async (context: Context): Promise<StockUse['planned']> => {
  const monday = mondayOf(context.now());
  return [...(await ofWeek(context, monday)), ...(await ofWeek(context, daysLater(monday, 7)))];
};
