import type { Beginning } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

const findCounts = prepared<Omit<Beginning, 'answered' | 'read'>>(
  'beginning',
  `SELECT (SELECT count(*)::int FROM person WHERE left_at IS NULL) AS people,
    (SELECT count(*)::int FROM invitation WHERE person_id IS NULL AND expires_at > $1) AS invited,
    (SELECT count(*)::int FROM stock) AS stock,
    (SELECT count(*)::int FROM bottle) AS bottles,
    (SELECT count(*)::int FROM home) AS homes,
    (SELECT count(*)::int FROM surface) AS surfaces,
    (SELECT count(DISTINCT home_id)::int FROM protocol_version) AS approved,
    (SELECT count(*)::int FROM batch) AS batches,
    (SELECT count(*)::int FROM round) AS rounds`,
);

/** How many there are of what a first round needs. */
export const countsOf = async ({ db }: Context, now: Date) => (await findCounts(db, [now]))[0]!;
