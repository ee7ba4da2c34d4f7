import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';

/** What services work with. Clock and ids are handed in, so that the demo data and the tests are the same every time. */
export interface Context {
  db: DataSource;
  /** ms since 1970 */
  now: () => number;
  newId: () => string;
}

export const liveContext = (db: DataSource): Context => ({ db, now: Date.now, newId: randomUUID });
