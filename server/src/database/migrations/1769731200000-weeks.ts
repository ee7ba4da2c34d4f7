import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Weeks of visits, when people work, and how long roads are. */
export class Weeks1769731200000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE week (
        monday date PRIMARY KEY CHECK (extract(isodow FROM monday) = 1),
        visits jsonb NOT NULL, revision int NOT NULL CHECK (revision > 0));
      CREATE TABLE working_hours (
        person_id uuid PRIMARY KEY REFERENCES person, hours jsonb NOT NULL,
        most int NOT NULL CHECK (most >= 0), skills jsonb NOT NULL,
        revision int NOT NULL CHECK (revision > 0));
      CREATE TABLE road (
        a text NOT NULL, b text NOT NULL CHECK (a < b), seconds int NOT NULL CHECK (seconds >= 0),
        PRIMARY KEY (a, b));
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE week, working_hours, road');
  }
}
