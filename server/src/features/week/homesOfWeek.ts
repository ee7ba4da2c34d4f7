import type { Version, Week } from '@zymostat/contract';
import { USUAL_WALK, type VisitLoad } from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import type { Context } from '../../platform/context.ts';
import { onThread } from '../../platform/threads.ts';
import type { Planned } from '../../plannerWorker.ts';
import { approvedHomes, newestVersion, versionById } from '../protocols/service.ts';
import { theCompany } from '../people/service.ts';
import { holdsOf } from '../rounds/startRound.ts';
import { tookOf } from '../rounds/tookOf.ts';
import { lastGiven } from '../visits/service.ts';
import * as store from './store.ts';

interface Known {
  lasts: number[];
  load: VisitLoad;
}

/** An hour: within it what a room has learnt of its drying does not change much. */
const known = new LRUCache<string, Known>({ max: 2000, ttl: 3_600_000 });

/** By its approved protocol, and by how its rooms were set for the visit that was given last. */
const knownOf = async (context: Context, version: Version): Promise<Known> => {
  const visit = await lastGiven(context, version.homeId);
  const key = `${version.id} ${visit?.id}`;
  const before = known.get(key);
  if (before) return before;
  const { houseRules: rules } = await theCompany(context);
  const { rooms } = version.protocol;
  const job: Planned = {
    rooms,
    holds: await holdsOf(context, version),
    took: await tookOf(context, version.homeId),
    walk: visit?.setting?.walk ?? USUAL_WALK,
    ways: visit?.setting?.ways ?? {},
    rules,
  };
  const found = await onThread<Known>('plannerWorker', 'planned', job);
  known.set(key, found);
  return found;
};

/**
 * Homes that can be worked in, as a week knows them. One is planned after the other: many at once
 * would wait for each other until the last of them is given up.
 */
export const homesOfWeek = async (context: Context): Promise<Week['homes']> => {
  const [homes, who] = [await approvedHomes(context), await store.whoKnows(context)];
  const found: Week['homes'] = [];
  for (const { id, name, place } of homes) {
    const version = await versionById(context, (await newestVersion(context, id))!.id);
    const { lasts, load } = await knownOf(context, version);
    const knownTo = who.filter(({ homeId }) => homeId === id).map(({ personId }) => personId);
    found.push({ id, name, place, lasts, knownTo, load });
  }
  return found;
};
