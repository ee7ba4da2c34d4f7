import type { Version } from '@zymostat/contract';
import { paidOf } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { homeById } from '../homes/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { append } from '../records/service.ts';
import * as store from './store.ts';

type Planned = Omit<store.VisitRecord, 'homeId' | 'versionId' | 'givenBy' | 'givenAt'>;

/** Keeps a plan for those who work by it, and says so on record. */
export const keepVisit = async (
  inside: Context,
  planned: Planned,
  { homeId, id: versionId, number }: Version,
  person: Person,
): Promise<store.VisitRecord> => {
  const at = inside.now();
  const visit = { ...planned, homeId, versionId, givenBy: person.id, givenAt: new Date(at) };
  await store.addVisit(inside, visit);
  const names = await personNames(inside);
  const { id, startsAt, problem, steps, done, sequence, roundId } = visit;
  await append(inside, {
    kind: 'visit',
    factId: id,
    at,
    home: await homeById(inside, homeId),
    person,
    body: {
      visitId: id,
      version: number,
      startsAt: startsAt.getTime(),
      people: problem.cleaners.map((one) => names.get(one.id) ?? ''),
      done,
      paid: paidOf(steps),
      sequence,
      ...(roundId === null ? {} : { roundId }),
    },
  });
  return visit;
};
