import type { Body, OwnWeek, Week } from '@zymostat/contract';
import { checkWeek, stillHere } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { editionOf } from '../book/service.ts';
import { allHomes } from '../homes/service.ts';
import { theTeam, type Person } from '../people/service.ts';
import { append, lastOfKindByPerson, turnToAppend } from '../records/service.ts';
import { stocksAtHand } from '../stock/service.ts';
import { homesOfWeek } from './homesOfWeek.ts';
import * as store from './store.ts';

const HOUR = 3600;
/** As most work, until somebody says otherwise. Source: house rule. */
const USUAL: Body<'setHours'> = {
  hours: [0, 1, 2, 3, 4, 5, 6].map((day) => (day < 5 ? [8 * HOUR, 16 * HOUR] : null)),
  most: 40 * HOUR,
  skills: [],
};

const peopleOfWeek = async (context: Context): Promise<Week['people']> => {
  const [team, hours, edition, read] = await Promise.all([
    theTeam(context),
    store.allHours(context),
    editionOf(context),
    lastOfKindByPerson(context, 'book-read'),
  ]);
  const byPerson = new Map(hours.map(({ personId, ...one }) => [personId, one]));
  return team.map(({ id, name }) => {
    const said = byPerson.get(id);
    return {
      id,
      name,
      ...(said ?? { ...USUAL, revision: 0 }),
      said: said !== undefined,
      signed: read.get(id)?.body.edition === edition,
    };
  });
};

/** A week, and all that it is judged by. Of homes that were left since, visits are still there. */
export const weekOf = async (context: Context, monday: string): Promise<Week> => {
  const [planned, people, homes, roads, stocks] = await Promise.all([
    store.weekOf(context, monday),
    peopleOfWeek(context),
    homesOfWeek(context),
    store.allRoads(context),
    stocksAtHand(context),
  ]);
  return {
    monday,
    revision: planned?.revision ?? 0,
    visits: planned?.visits ?? [],
    people,
    homes,
    roads,
    stocks: Object.fromEntries(stocks.map(({ id, strength }) => [id, strength])),
  };
};

/** Plans a week anew, or refuses it with what is not here. */
export const planWeek = (
  context: Context,
  monday: string,
  { visits }: Body<'planWeek'>,
  { person, seen }: { person: Person; seen: number },
): Promise<null> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const before = await store.weekOf(inside, monday);
    if (seen < (before?.revision ?? 0)) throw problems.conflict('changed-since');
    const [homes, team] = [await allHomes(inside), await theTeam(inside)];
    const unknown = visits.find(({ homeId }) => !homes.some(({ id }) => id === homeId));
    if (unknown) throw problems.notFound('home');
    const kept = new Set(before?.visits.flatMap(({ crew }) => crew));
    const isHere = (who: string) => kept.has(who) || team.some(({ id }) => id === who);
    if (!visits.every(({ crew }) => crew.every(isHere))) throw problems.conflict('visit-nobody');
    if (new Set(visits.map(({ id }) => id)).size < visits.length)
      throw problems.conflict('id-taken');
    const revision = (before?.revision ?? 0) + 1;
    await store.keepWeek(inside, { monday, visits, revision });
    await append(inside, {
      kind: 'week-planned',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: { monday, revision, visits },
    });
    return null;
  });

/** Where somebody goes in a week, each day in the order in which they do. */
export const weekOfPerson = async (
  context: Context,
  monday: string,
  personId: string,
): Promise<OwnWeek> => {
  const week = await weekOf(context, monday);
  const home = new Map(week.homes.map((one) => [one.id, one]));
  const names = new Map(week.people.map(({ id, name }) => [id, name]));
  return checkWeek(stillHere(week)).days.flatMap(({ stops }, day) =>
    stops
      .filter(({ visit }) => visit.crew.includes(personId))
      .map(({ visit, start, end }) => ({
        visitId: visit.id,
        day,
        homeName: home.get(visit.homeId)!.name,
        place: home.get(visit.homeId)!.place,
        start,
        end,
        with: visit.crew.filter((id) => id !== personId).map((id) => names.get(id)!),
      })),
  );
};
