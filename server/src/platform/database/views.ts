import type { DataSource, EntityManager } from 'typeorm';
import { sha256 } from '../sha256.ts';

/**
 * A view is how one feature's tables are read by another: its text stands in its owner's store, and
 * others know its name only. It holds no data, and is made anew when its text has changed.
 */
export interface View {
  name: string;
  select: string;
}

/** Any fixed number: two servers that start at once make the views one after the other. */
const MAKING = 712_2027;

const marked = async (db: EntityManager, name: string): Promise<string | null> => {
  const [found]: { mark: string | null }[] = await db.query(
    "SELECT obj_description(to_regclass($1), 'pg_class') AS mark",
    [name],
  );
  return found?.mark ?? null;
};

const make = async (db: EntityManager, { name, select }: View): Promise<void> => {
  const mark = sha256(select);
  if ((await marked(db, name)) === mark) return;
  await db.query(`DROP VIEW IF EXISTS ${name}`);
  await db.query(`CREATE VIEW ${name} AS ${select}`);
  await db.query(`COMMENT ON VIEW ${name} IS '${mark}'`);
};

/** Makes the views that are not as their text says, all or none. */
export const makeViews = (database: DataSource, views: readonly View[]): Promise<void> =>
  database.transaction(async (db) => {
    await db.query('SELECT pg_advisory_xact_lock($1)', [MAKING]);
    for (const view of views) await make(db, view);
  });
