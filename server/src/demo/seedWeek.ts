import { assigner, stillHere } from '@zymostat/core';
import { dayOf, mondayOf } from '../features/week/monday.ts';
import { planWeek, weekOf } from '../features/week/service.ts';
import { setHours, setRoads } from '../features/week/settings.ts';
import type { Demo } from './seedHomes.ts';
import { context, today } from './stage.ts';
import { byHand, hours, roads, visits } from './week.ts';

const HOUR = 3600;

/** A week with hours and roads: who goes was worked out, but for one who was sent by hand. */
export const seedWeek = async ({ team, made, maren }: Demo): Promise<void> => {
  for (const [login, own] of Object.entries(hours))
    await setHours(context, team.get(login)!.id, own, { person: maren, seen: 0 });
  const placeOf = (name: string) => (name === 'depot' ? name : made.get(name)!.id);
  await setRoads(
    context,
    {
      roads: roads.map(([a, b, minutes]) => ({
        a: placeOf(a),
        b: placeOf(b),
        seconds: minutes * 60,
        before: null,
      })),
    },
    maren,
  );
  const planned = visits.map(([home, day, from, by, people], at) => ({
    id: context.newId(),
    homeId: made.get(home)!.id,
    day,
    from: from * HOUR,
    by: by * HOUR,
    people,
    needs: [],
    crew: at === visits.length - 1 ? [team.get(byHand)!.id] : [],
    at,
    held: at === visits.length - 1,
  }));
  const monday = dayOf(mondayOf(today));
  const week = await weekOf(context, monday);
  const search = assigner(stillHere({ ...week, visits: planned }), 1);
  search.run(4000);
  const found = search.best().map((one) => ({ ...one, needs: [], crew: [...one.crew] }));
  await planWeek(context, monday, { visits: found }, { person: maren, seen: 0 });
};
