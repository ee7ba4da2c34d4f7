import type { Protocol, StockRow, Version } from '@zymostat/contract';
import { bookWith, type Book, type CompanyRule, type HouseRules } from '@zymostat/core';
import type { Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { problems } from '../../http/problems.ts';
import { STOCKS } from '../bench/service.ts';
import { inWorkingOrder, SURVEY, type Survey } from '../homes/service.ts';
import { OWN_RULES } from '../keepApart/book.ts';

export type Head = Omit<Version, 'homeId' | 'protocol'>;

interface Found {
  survey: Survey;
  stocks: StockRow[];
  houseRules: HouseRules;
  own: CompanyRule[];
  /** Newest first. */
  versions: Head[];
  /** The protocol of the newest version; older ones stay in the database. */
  newest: Protocol | null;
}

const find = prepared<Found>(
  'home as it stands',
  `
  SELECT row_to_json(survey) AS survey, (${STOCKS}) AS stocks, (${OWN_RULES}) AS own, (SELECT house_rules FROM company LIMIT 1) AS "houseRules",
    (SELECT coalesce(json_agg(json_build_object('id', v.id, 'number', number, 'approvedAt', (extract(epoch FROM approved_at) * 1000)::bigint, 'approvedBy', person.name) ORDER BY number DESC), '[]')
      FROM protocol_version v JOIN person ON person.id = approved_by WHERE home_id = survey.id) AS versions,
    (SELECT protocol FROM protocol_version WHERE home_id = survey.id ORDER BY number DESC LIMIT 1) AS newest
  FROM (${SURVEY} WHERE id = $1) survey`,
);

/**
 * A home and all that it is judged by, of one moment and in one query: pages ask for it at every
 * change.
 */
export const homeAsItStands = async (
  { db }: Context,
  homeId: string,
): Promise<Omit<Found, 'own'> & { book: Book }> => {
  const [found] = await find(db, [homeId]);
  if (!found) throw problems.notFound('home');
  const { own, ...rest } = found;
  return { ...rest, survey: inWorkingOrder(found.survey), book: bookWith(own, found.houseRules) };
};
