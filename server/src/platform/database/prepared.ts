import type { EntityManager } from 'typeorm';

/** Before every id: where a walk in order of ids begins. */
export const BEFORE_ALL_IDS = '00000000-0000-0000-0000-000000000000';

/**
 * A query that is asked at every change in a page. PostgreSQL plans it once a connection instead of
 * every time: TypeORM hands on to its driver what it is given, and the driver takes a statement
 * with a name. By `rowMode` rows come as lists, for those who read very many.
 */
export const prepared =
  <Row>(name: string, text: string, rowMode?: 'array') =>
  (db: EntityManager, values: readonly unknown[]): Promise<Row[]> =>
    db.query({ name, text, rowMode } as unknown as string, [...values]);
