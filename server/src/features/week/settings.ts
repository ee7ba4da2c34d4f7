import type { Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { allHomes } from '../homes/service.ts';
import { theTeam, type Person } from '../people/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import * as store from './store.ts';

/** Keeps when somebody works, as whoever says it had seen it. */
export const setHours = (
  context: Context,
  personId: string,
  hours: Body<'setHours'>,
  { person, seen }: { person: Person; seen: number },
): Promise<null> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    if (!(await theTeam(inside)).some(({ id }) => id === personId))
      throw problems.notFound('person');
    const revision = (await store.hoursOf(inside, personId))?.revision ?? 0;
    if (seen < revision) throw problems.conflict('changed-since');
    await store.keepHours(inside, { personId, ...hours, revision: revision + 1 });
    await append(inside, {
      kind: 'hours-said',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: { personId, ...hours },
    });
    return null;
  });

const inOrder = ({ a, b, seconds }: store.RoadRecord): store.RoadRecord =>
  a < b ? { a, b, seconds } : { a: b, b: a, seconds };

const keyOf = (road: store.RoadRecord): string => {
  const { a, b } = inOrder(road);
  return `${a} ${b}`;
};

/** Keeps how long roads are; refused where one of them is not as whoever says it had seen it. */
export const setRoads = (
  context: Context,
  { roads }: Body<'setRoads'>,
  person: Person,
): Promise<null> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const homes = new Set((await allHomes(inside)).map(({ id }) => id));
    const isPlace = (place: string) => place === 'depot' || homes.has(place);
    if (!roads.every(({ a, b }) => isPlace(a) && isPlace(b))) throw problems.notFound('home');
    if (roads.some(({ a, b }) => a === b)) throw problems.conflict('road-to-itself');
    const known = new Map((await store.allRoads(inside)).map((one) => [keyOf(one), one.seconds]));
    if (roads.some((road) => (known.get(keyOf(road)) ?? null) !== road.before))
      throw problems.conflict('changed-since');
    await store.keepRoads(inside, [
      ...new Map(roads.map((one) => [keyOf(one), inOrder(one)])).values(),
    ]);
    await append(inside, {
      kind: 'roads-said',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: { roads },
    });
    return null;
  });
