import { isDeepStrictEqual } from 'node:util';
import type { Protocol, StockRow, Version } from '@zymostat/contract';
import {
  asAnswered,
  bookWith,
  type Book,
  type CompanyRule,
  type HouseRules,
  type TreatedSurface,
} from '@zymostat/core';
import { LRUCache } from 'lru-cache';
import type { Context } from '../../platform/context.ts';
import { BEFORE_ALL_IDS, prepared } from '../../platform/database/prepared.ts';
import type { View } from '../../platform/database/views.ts';
import { problems } from '../../platform/http/problems.ts';
import { inWorkingOrder, type Survey } from '../homes/service.ts';
import { VersionEntity, type VersionRow } from './tables.ts';

export type { VersionRow };
export type Head = Omit<Version, 'homeId' | 'protocol'>;

/** What is proved of each row: docs/decisions.md says why these columns. */
export const versionProof: View = {
  name: 'protocol_version_proof',
  select: `SELECT id, jsonb_build_array(id, home_id, number, (extract(epoch FROM approved_at) * 1000000)::bigint, approved_by, protocol)::text AS text FROM protocol_version`,
};

/** A protocol as versions of now are: those of before soil was asked know of none. */
const asNow = (protocol: Protocol): Protocol => ({
  ...protocol,
  rooms: protocol.rooms.map((room) => ({
    ...room,
    surfaces: room.surfaces.map((surface) => ({
      ...surface,
      loosening: surface.loosening ?? null,
    })),
  })),
});

type Found = VersionRow & { person: string };
const findVersion = prepared<Found>(
  'version',
  `SELECT v.id, home_id AS "homeId", number, approved_at AS "approvedAt", approved_by AS "approvedBy", person_name.name AS person, protocol
  FROM protocol_version v JOIN person_name ON person_name.id = approved_by WHERE v.id = $1`,
);
export const versionById = async ({ db }: Context, id: string): Promise<Found | undefined> => {
  const [found] = await findVersion(db, [id]);
  return found && { ...found, protocol: asNow(found.protocol) };
};

export const newestVersion = async (
  { db }: Context,
  homeId: string,
): Promise<VersionRow | undefined> => {
  const newest = { where: { homeId }, order: { number: 'DESC' as const }, take: 1 };
  return (await db.getRepository(VersionEntity).find(newest))[0];
};

const findAfter = prepared<{ id: string; protocol: Protocol }>(
  'versions after',
  'SELECT id, protocol FROM protocol_version WHERE id > $1 ORDER BY id LIMIT 100',
);
/** Every version with its surfaces, some at a time. */
export async function* allVersions({
  db,
}: Pick<Context, 'db'>): AsyncGenerator<{ id: string; surfaces: TreatedSurface[] }> {
  for (let after = BEFORE_ALL_IDS; ;) {
    const rows = await findAfter(db, [after]);
    for (const { id, protocol } of rows)
      yield { id, surfaces: asNow(protocol).rooms.flatMap(({ surfaces }) => surfaces) };
    if (rows.length === 0) return;
    after = rows.at(-1)!.id;
  }
}

const findNewest = prepared<{ homeId: string; number: number }>(
  'newest versions',
  'SELECT home_id AS "homeId", max(number) AS number FROM protocol_version GROUP BY home_id',
);
/** The number of the newest version of each home that has one. */
export const newestNumbers = async ({ db }: Context): Promise<Map<string, number>> =>
  new Map((await findNewest(db, [])).map(({ homeId, number }) => [homeId, number]));

const findProtocols = prepared<{ homeId: string; protocol: Protocol }>(
  'newest protocols',
  'SELECT DISTINCT ON (home_id) home_id AS "homeId", protocol FROM protocol_version ORDER BY home_id, number DESC',
);
/** The newest approved protocol of each home that has one. */
export const newestProtocols = async ({ db }: Context): Promise<Map<string, Protocol>> =>
  new Map((await findProtocols(db, [])).map(({ homeId, protocol }) => [homeId, asNow(protocol)]));

const insertVersion = prepared<never>(
  'add version',
  'INSERT INTO protocol_version (id, home_id, number, approved_at, approved_by, protocol) VALUES ($1, $2, $3, $4, $5, $6)',
);
export const addVersion = async ({ db }: Context, row: VersionRow): Promise<void> => {
  const { id, homeId, number, approvedAt, approvedBy, protocol } = row;
  const values = [id, homeId, number, approvedAt, approvedBy, JSON.stringify(protocol)];
  await insertVersion(db, values);
};

/** A home and all that it is judged by, of one moment. */
export interface Standing {
  survey: Survey;
  stocks: StockRow[];
  houseRules: HouseRules;
  book: Book;
  /** Newest first. Their protocols stay in the database. */
  versions: Head[];
}

type Written = Record<'survey' | 'stocks' | 'houseRules' | 'own' | 'versions', string>;
const findStanding = prepared<Written>(
  'home as it stands',
  `SELECT (row_to_json(survey))::text AS survey, (SELECT stocks FROM stock_at_hand)::text AS stocks, (SELECT rules FROM own_rules)::text AS own,
    (SELECT house_rules FROM house_rules_now)::text AS "houseRules",
    (SELECT coalesce(json_agg(json_build_object('id', v.id, 'number', number, 'approvedAt', (extract(epoch FROM approved_at) * 1000)::bigint, 'approvedBy', person_name.name) ORDER BY number DESC), '[]')
      FROM protocol_version v JOIN person_name ON person_name.id = approved_by WHERE home_id = survey.id)::text AS versions
  FROM (SELECT id, name, place, situations, "clientKeeps", revision, rooms FROM survey WHERE id = $1) survey`,
);

const standingOf = (written: Written): Standing => {
  const houseRules = asAnswered(JSON.parse(written.houseRules) as Partial<HouseRules>);
  return {
    survey: inWorkingOrder(JSON.parse(written.survey) as Survey),
    stocks: JSON.parse(written.stocks) as StockRow[],
    houseRules,
    book: bookWith(JSON.parse(written.own) as CompanyRule[], houseRules),
    versions: JSON.parse(written.versions) as Head[],
  };
};

/** Homes as they were last read, at most some 100 MB. */
const read = new LRUCache<string, { written: Written; standing: Standing }>({
  maxSize: 25_000_000,
  sizeCalculation: ({ written }) => Object.values(written).join('').length,
});

/**
 * A home and all that it is judged by, in one query: pages ask for it at every change. As long as
 * the database says the same of it, it is the same object, which nobody changes.
 */
export const homeAsItStands = async ({ db }: Context, homeId: string): Promise<Standing> => {
  const [written] = await findStanding(db, [homeId]);
  if (!written) throw problems.notFound('home');
  const before = read.get(homeId);
  if (before && isDeepStrictEqual({ ...before.written }, { ...written })) return before.standing;
  const standing = standingOf(written);
  read.set(homeId, { written, standing });
  return standing;
};
