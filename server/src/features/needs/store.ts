import type { StockUse } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

type Poured = StockUse['poured'][number];

const findPoured = prepared<Poured>(
  'poured lately',
  `SELECT (extract(epoch FROM made_at) * 1000)::float8 AS at, stock_id AS "stockId", active, strength, volume, stock_volume AS "stockVolume"
  FROM batch WHERE made_at >= $1 ORDER BY made_at`,
);
/** Every batch that was poured since. */
export const pouredSince = ({ db }: Context, since: Date): Promise<Poured[]> =>
  findPoured(db, [since]);

const countVisits = prepared<StockUse['visits']>(
  'visits lately',
  `SELECT count(*)::int AS count, coalesce(sum(minutes), 0)::float8 AS minutes, coalesce(sum(surfaces), 0)::int AS surfaces FROM (
    SELECT extract(epoch FROM finished_at - started_at) / 60 * greatest(1, (SELECT count(*) FROM round_person p WHERE p.round_id = round.id)) AS minutes,
      (SELECT count(DISTINCT body->>'surfaceId') FROM ledger WHERE kind = 'wet-time' AND body->>'roundId' = round.id::text) AS surfaces
    FROM round WHERE finished_at >= $1) AS visit`,
);
/** Rounds that were finished since: minutes of everybody on them, and surfaces that were kept wet. */
export const visitsSince = async ({ db }: Context, since: Date): Promise<StockUse['visits']> =>
  (await countVisits(db, [since]))[0]!;
