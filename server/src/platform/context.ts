import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';

/**
 * What services work with. Clock and ids are handed in, so that the demo data and the tests are the
 * same every time.
 */
export interface Context {
  db: EntityManager;
  /** ms since 1970 */
  now: () => number;
  newId: () => string;
}

export const liveContext = (db: DataSource): Context => ({
  db: db.manager,
  now: Date.now,
  newId: randomUUID,
});

/**
 * One transaction. Everything inside works through the context it is given, and so through one
 * connection: reaching for a second one while holding the first is how a busy server locks itself
 * up.
 */
export const within = <T>(context: Context, work: (inside: Context) => Promise<T>): Promise<T> =>
  context.db.transaction((db) => work({ ...context, db }));
