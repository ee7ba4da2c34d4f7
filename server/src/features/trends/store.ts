import type { Trends, WetCount } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

// The rows of a span are found by when they were; what was taken back since does not count.
const findWet = prepared<WetCount>(
  'wet counts',
  `WITH span AS MATERIALIZED (SELECT fact_id, home_name, person_id, body FROM ledger WHERE at >= $1 AND at < $2 AND kind = 'wet-time'),
    back AS (SELECT (body->>'of')::uuid AS id FROM ledger WHERE kind = 'correction')
  SELECT home_name AS "homeName", body->>'roomName' AS "roomName", body->>'surfaceName' AS "surfaceName",
    coalesce(person_name.name, '') AS person, body->>'active' AS active,
    coalesce(body->>'outcome', CASE body->>'met' WHEN 'true' THEN 'met' ELSE 'not-met' END) AS outcome,
    count(*)::int AS count, sum((body->>'heldSeconds')::float8)::float8 AS "heldSeconds"
  FROM span LEFT JOIN person_name ON person_name.id = person_id
  WHERE (body->>'requiredSeconds')::float8 > 0 AND fact_id NOT IN (SELECT id FROM back)
  GROUP BY 1, 2, 3, 4, 5, 6`,
);
export const wetCounts = ({ db }: Context, from: Date, to: Date): Promise<WetCount[]> =>
  findWet(db, [from, to]);

const findChecks = prepared<Trends['checks'][number]>(
  'check counts',
  `WITH span AS MATERIALIZED (SELECT kind, body FROM ledger WHERE at >= $1 AND at < $2 AND kind = 'check')
  SELECT body->>'active' AS active, count(*)::int AS measured,
    (count(*) FILTER (WHERE body->>'inStrength' = 'false'))::int AS out
  FROM span GROUP BY 1`,
);
export const checkCounts = ({ db }: Context, from: Date, to: Date): Promise<Trends['checks']> =>
  findChecks(db, [from, to]);
