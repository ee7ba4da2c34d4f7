import type { EntityManager } from 'typeorm';

/**
 * A query that is asked at every change in a page. PostgreSQL plans it once a connection instead of
 * every time: TypeORM hands on to its driver what it is given, and the driver takes a statement
 * with a name.
 */
export const prepared =
  <Row>(name: string, text: string) =>
  (db: EntityManager, values: readonly unknown[]): Promise<Row[]> =>
    db.query({ name, text } as unknown as string, [...values]);
