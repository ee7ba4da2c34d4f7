import type { Answer, VisitPlanRow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { homeById } from '../homes/service.ts';
import { personNames, theTeam } from '../people/service.ts';
import * as store from './store.ts';

/** A plan as the page and the phones read it. */
export const asRow = async (
  context: Context,
  { givenAt, startsAt, givenBy, ...visit }: store.VisitRecord,
): Promise<VisitPlanRow> => {
  const [home, names] = [await homeById(context, visit.homeId), await personNames(context)];
  return {
    ...visit,
    startsAt: startsAt.getTime(),
    givenAt: givenAt.getTime(),
    givenBy: names.get(givenBy) ?? '',
    homeName: home?.name ?? '',
    place: home?.place ?? '',
    people: visit.problem.cleaners.map(({ id }) => ({ id, name: names.get(id) ?? '' })),
  };
};

/** The plan of a home that was given out last, or none. */
export const visitOf = async (context: Context, homeId: string): Promise<VisitPlanRow | null> => {
  const visit = await store.newestVisit(context, homeId);
  return visit && asRow(context, visit);
};

/** Which plan of a home was given last, and how its rooms were set for it. */
export const lastGiven = async (
  context: Context,
  homeId: string,
): Promise<Pick<store.VisitRecord, 'id' | 'setting'> | null> => store.newestVisit(context, homeId);

/** Who can be sent to a visit. */
export const visitTeam = async (context: Context): Promise<Answer<'visitTeam'>> =>
  (await theTeam(context)).map(({ id, name }) => ({ id, name }));
