import { isDeepStrictEqual } from 'node:util';
import type { Answer, HomeDetail, Protocol, Version } from '@zymostat/contract';
import { buildProtocol, enforce, reviewOf } from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import type { Context } from '../../platform/context.ts';
import { judgedAsItStands, onceWhileItStands } from './judged.ts';
import { problems } from '../../platform/http/problems.ts';
import { allHomes, type Survey } from '../homes/service.ts';
import * as store from './store.ts';

export { allVersions, newestNumbers, newestVersion } from './store.ts';

export const protocolOf = (survey: Survey, rooms: Protocol['rooms']): Protocol => ({
  homeName: survey.name,
  place: survey.place,
  situations: survey.situations,
  rooms,
});

/**
 * Reasons are told anew with every estimate: what a person does is what counts for whether a
 * protocol has changed.
 */
const withoutEstimates = ({ rooms, ...rest }: Protocol) => ({
  ...rest,
  rooms: rooms.map((room) => ({
    ...room,
    surfaces: room.surfaces.map(({ reasons: _, ...surface }) => surface),
  })),
});

export const headOf = (
  { id, number, approvedAt }: store.VersionRow,
  approvedBy: string,
): store.Head => ({
  id,
  number,
  approvedAt: approvedAt.getTime(),
  approvedBy,
});

const surfacesOf = ({ protocol }: Version): number =>
  protocol.rooms.reduce((sum, room) => sum + room.surfaces.length, 1);

/**
 * Versions that were asked for: they never change, and every event of a round asks for one. At most
 * some 60 MB, and a day: who approved may have left the company since, and their name with them.
 */
const known = new LRUCache<string, Version>({
  maxSize: 60_000,
  sizeCalculation: surfacesOf,
  ttl: 86_400_000,
});

export const versionById = async (context: Context, id: string): Promise<Version> => {
  const before = known.get(id);
  if (before) return before;
  const row = await store.versionById(context, id);
  if (!row) throw problems.notFound('version');
  const version = { ...headOf(row, row.person), homeId: row.homeId, protocol: row.protocol };
  known.set(id, version);
  return version;
};

/** Homes that can be worked in: those with an approved protocol. */
export const approvedHomes = async (context: Context): Promise<Answer<'roundHomes'>> => {
  const [homes, approved] = await Promise.all([allHomes(context), store.newestNumbers(context)]);
  return homes
    .filter(({ id, archivedAt }) => approved.has(id) && !archivedAt)
    .map(({ id, name, place }) => ({ id, name, place }));
};

const worked = onceWhileItStands(
  (standing: store.Standing, now: number, newest: Protocol | null): HomeDetail => {
    const { survey, stocks, houseRules: rules, book, versions } = standing;
    const by = { rules, now, book };
    const judged = judgedAsItStands(standing, now);
    const asItStands = protocolOf(survey, buildProtocol(survey, stocks, by, judged));
    return {
      ...survey,
      versions,
      changedSinceApproval:
        newest === null ||
        !isDeepStrictEqual(withoutEstimates(newest), withoutEstimates(asItStands)),
      flags: newest ? reviewOf(newest.rooms, survey, stocks, by) : [],
      objections: enforce(survey, stocks, by, judged),
    };
  },
);

/** A home as it stands, with its versions and whether it has changed since the last of them. */
export const homeDetail = async (context: Context, homeId: string): Promise<HomeDetail> => {
  const standing = await store.homeAsItStands(context, homeId);
  const newest = standing.versions[0];
  const protocol = newest ? (await versionById(context, newest.id)).protocol : null;
  return worked(standing, context.now(), protocol);
};
