import type { DataSource } from 'typeorm';

/** The role that the application works as, where whoever set the database up made one. */
export const APP_ROLE = 'zymostat_app';

/** What is written there stays: rows are added and read, never changed. */
export const appendOnly = [
  'ledger',
  'protocol_version',
  'bottle_event',
  'recipe_version',
  'home_change',
  'verification',
  'report',
  'stock_reading',
] as const;

/** What is about the database itself. */
const ownersOnly = ['migrations'];

const findTables = `SELECT relname AS name, relkind AS kind FROM pg_class
  WHERE relnamespace = 'public'::regnamespace AND relkind IN ('r', 'v')`;

/**
 * Gives the application what it needs and nothing more: it may add to the ledger and the versions
 * and read them; it owns nothing, and so can switch no guard off. Where there is no such role, or
 * the application is the owner, everything stays as it is: `verify` says what that leaves open.
 */
export const grantRights = async (db: DataSource): Promise<void> => {
  const [{ there }] = (await db.query(
    'SELECT EXISTS (SELECT FROM pg_roles WHERE rolname = $1 AND rolname <> current_user) AS there',
    [APP_ROLE],
  )) as [{ there: boolean }];
  if (!there) return;
  const tables = (await db.query(findTables)) as { name: string; kind: 'r' | 'v' }[];
  const grants = tables.map(({ name, kind }) => {
    if (kind === 'v' || ownersOnly.includes(name)) return `GRANT SELECT ON "${name}"`;
    if ((appendOnly as readonly string[]).includes(name))
      return `GRANT SELECT, INSERT ON "${name}"`;
    return `GRANT SELECT, INSERT, UPDATE, DELETE ON "${name}"`;
  });
  await db.transaction(async (inside) => {
    await inside.query(`REVOKE ALL ON ALL TABLES IN SCHEMA public FROM ${APP_ROLE}`);
    await inside.query(`GRANT USAGE ON SCHEMA public TO ${APP_ROLE}`);
    for (const grant of grants) await inside.query(`${grant} TO ${APP_ROLE}`);
  });
};
