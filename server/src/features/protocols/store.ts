import type { Protocol, StockRow, Version } from '@zymostat/contract';
import { bookWith, type Book, type CompanyRule, type HouseRules } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { problems } from '../../platform/http/problems.ts';
import { inWorkingOrder, type Survey } from '../homes/service.ts';
import { VersionEntity, type VersionRow } from './tables.ts';

export type { VersionRow };
export type Head = Omit<Version, 'homeId' | 'protocol'>;

type Found = VersionRow & { person: string };
const findVersion = prepared<Found>(
  'version',
  `SELECT v.id, home_id AS "homeId", number, approved_at AS "approvedAt", approved_by AS "approvedBy", person_name.name AS person, protocol
  FROM protocol_version v JOIN person_name ON person_name.id = approved_by WHERE v.id = $1`,
);
export const versionById = async ({ db }: Context, id: string): Promise<Found | undefined> =>
  (await findVersion(db, [id]))[0];

export const newestVersion = async (
  { db }: Context,
  homeId: string,
): Promise<VersionRow | undefined> => {
  const newest = { where: { homeId }, order: { number: 'DESC' as const }, take: 1 };
  return (await db.getRepository(VersionEntity).find(newest))[0];
};

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
  new Map((await findProtocols(db, [])).map(({ homeId, protocol }) => [homeId, protocol]));

const insertVersion = prepared<never>(
  'add version',
  'INSERT INTO protocol_version (id, home_id, number, approved_at, approved_by, protocol) VALUES ($1, $2, $3, $4, $5, $6)',
);
export const addVersion = async ({ db }: Context, row: VersionRow): Promise<void> => {
  const { id, homeId, number, approvedAt, approvedBy, protocol } = row;
  const values = [id, homeId, number, approvedAt, approvedBy, JSON.stringify(protocol)];
  await insertVersion(db, values);
};

interface Standing {
  survey: Survey;
  stocks: StockRow[];
  houseRules: HouseRules;
  own: CompanyRule[];
  /** Newest first. */
  versions: Head[];
  /** The protocol of the newest version; older ones stay in the database. */
  newest: Protocol | null;
}

const findStanding = prepared<Standing>(
  'home as it stands',
  `SELECT (row_to_json(survey)) AS survey, (SELECT stocks FROM stock_at_hand) AS stocks, (SELECT rules FROM own_rules) AS own,
    (SELECT house_rules FROM house_rules_now) AS "houseRules",
    (SELECT coalesce(json_agg(json_build_object('id', v.id, 'number', number, 'approvedAt', (extract(epoch FROM approved_at) * 1000)::bigint, 'approvedBy', person_name.name) ORDER BY number DESC), '[]')
      FROM protocol_version v JOIN person_name ON person_name.id = approved_by WHERE home_id = survey.id) AS versions,
    (SELECT protocol FROM protocol_version WHERE home_id = survey.id ORDER BY number DESC LIMIT 1) AS newest
  FROM (SELECT id, name, place, situations, "clientKeeps", revision, rooms FROM survey WHERE id = $1) survey`,
);

/**
 * A home and all that it is judged by, of one moment and in one query: pages ask for it at every
 * change.
 */
export const homeAsItStands = async (
  { db }: Context,
  homeId: string,
): Promise<Omit<Standing, 'own'> & { book: Book }> => {
  const [found] = await findStanding(db, [homeId]);
  if (!found) throw problems.notFound('home');
  const { own, ...rest } = found;
  return { ...rest, survey: inWorkingOrder(found.survey), book: bookWith(own, found.houseRules) };
};
